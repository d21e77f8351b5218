<script lang="ts">
  import { BACKUP, packageOf } from '../../api/addresses';
  import type { ShelfBrand } from '../../api/types';
  import Button from '../../ui/Button.svelte';

  /** Finding among many brands, and what is done with several of them. */
  interface Props {
    search: string;
    /** Those that are shown. */
    brands: ShelfBrand[];
    total: number;
    /** Whether more are found than are shown. */
    more: boolean;
    onsearch: (text: string) => void;
    ontakein: (files: File[]) => void;
    ondefaults: () => void;
  }

  const { search, brands, total, more, onsearch, ontakein, ondefaults }: Props = $props();

  let input: HTMLInputElement;

  const counted = $derived(total === 1 ? '1 brand' : `${total} brands`);

  function onchange() {
    ontakein([...(input.files ?? [])]);
    input.value = '';
  }
</script>

<div class="tools">
  {#if total > 1}
    <label for="look-for" class="visually-hidden">Look for a brand</label>
    <input
      id="look-for"
      type="search"
      value={search}
      maxlength="200"
      autocomplete="off"
      placeholder="Look for a name, a short code or a colour"
      oninput={(event) => onsearch(event.currentTarget.value)}
    />
    <span role="status">{search ? `${brands.length}${more ? ' and more' : ''} of ${counted}` : counted}</span>
  {/if}
  <span class="gap"></span>
  {#if brands.length > 1}
    <a href={packageOf(brands.map(({ id }) => id))} download
      >Send out {more ? 'these' : 'all'} {brands.length}</a
    >
  {/if}
  {#if total > 0}
    <a href={BACKUP} download title="The whole shelf with its trails and files, as one file to keep elsewhere"
      >Back up everything</a
    >
  {/if}
  <Button look="quiet" onclick={() => input.click()}>Take in packages or templates</Button>
  <Button look="quiet" onclick={ondefaults}>Defaults for new brands</Button>
  <input
    bind:this={input}
    class="visually-hidden"
    type="file"
    accept=".zip,application/zip,.potx,.pptx,.dotx,.docx,.xltx,.xlsx,.otp,.odp,.ott,.odt,.ots,.ods"
    multiple
    tabindex="-1"
    aria-label="Packages or templates to take in"
    {onchange}
  />
</div>

<style>
  .tools {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 16px;
    align-items: center;
  }

  input[type='search'] {
    width: 300px;
    min-height: 32px;
    padding: 4px 8px;
    border: var(--rule);
    border-radius: 0;
    background: var(--paper);
  }

  /* The browser's own cross is blue. */
  input[type='search']::-webkit-search-cancel-button {
    display: none;
  }

  input::placeholder {
    color: var(--ink-3);
  }

  .gap {
    flex: 1;
  }

  span {
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  a {
    font-weight: 600;
    text-underline-offset: 3px;
  }
</style>
