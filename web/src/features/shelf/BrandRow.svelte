<script lang="ts">
  import { packageOf } from '../../api/addresses';
  import type { ShelfBrand } from '../../api/types';
  import { addressOf } from '../../bench/route.svelte';
  import Button from '../../ui/Button.svelte';
  import EditableText from '../../ui/EditableText.svelte';

  interface Props {
    brand: ShelfBrand;
    onrename: (name: string) => Promise<void>;
    oncopy: () => void;
    ondelete: () => void;
  }

  const { brand, onrename, oncopy, ondelete }: Props = $props();

  const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });

  let renaming = $state(false);

  async function rename(name: string) {
    await onrename(name);
    renaming = false;
  }
</script>

<li>
  <a href={addressOf(brand.id)}>
    <span class="visually-hidden">Open</span>
    <span class="colors" aria-hidden="true">
      {#each brand.colors as color, index (index)}
        <i style:--color={color} class:found={color === brand.found}></i>
      {:else}
        <span class="none">no colours yet</span>
      {/each}
    </span>
    <span class="name">{brand.name}</span>
    {#if brand.shortCode}<span class="short">{brand.shortCode}</span>{/if}
    <span class="date">changed {day.format(new Date(brand.changedAt))}</span>
  </a>
  <span class="actions">
    <Button look="quiet" aria-expanded={renaming} onclick={() => (renaming = !renaming)}>
      Rename<span class="visually-hidden">&nbsp;{brand.name}</span>
    </Button>
    <Button look="quiet" onclick={oncopy}>
      Copy<span class="visually-hidden">&nbsp;{brand.name}</span>
    </Button>
    <a class="send" href={packageOf([brand.id])} download>
      Send out<span class="visually-hidden">&nbsp;{brand.name}</span>
    </a>
    <Button look="quiet" onclick={ondelete}>
      Delete<span class="visually-hidden">&nbsp;{brand.name}</span>
    </Button>
  </span>
  {#if renaming}
    <div class="rename">
      <EditableText label="Name of {brand.name}" value={brand.name} maxlength={120} onsave={rename} />
    </div>
  {/if}
</li>

<style>
  li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    border: var(--rule);
    background: var(--board);
  }

  .send {
    display: inline-flex;
    align-items: center;
    min-height: 32px;
    padding: 4px;
    font-weight: 600;
    text-underline-offset: 3px;
    white-space: nowrap;
  }

  li > a {
    display: flex;
    flex: 1;
    gap: 16px;
    align-items: center;
    min-width: 0;
    min-height: 56px;
    padding: 8px 16px;
    text-decoration: none;
  }

  li > a:hover .name {
    text-decoration: underline;
    text-underline-offset: 3px;
  }

  .colors {
    display: flex;
    flex: none;
    width: 176px;
    height: 32px;
    overflow: hidden;
    border: var(--hairline);
  }

  i {
    flex: 1;
    background: var(--color);
  }

  /* The colour that was looked for stands wider, between two lines. */
  .found {
    flex: 3;
    border: 2px solid var(--ink);
    box-shadow: inset 0 0 0 2px var(--paper);
  }

  .none {
    padding: 6px 8px;
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  .name {
    overflow: hidden;
    font-size: var(--size-lead);
    font-weight: 700;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  .short {
    padding: 0 5px;
    border: var(--rule);
    font: 500 var(--size-small) / 16px var(--code);
  }

  .date {
    margin-left: auto;
    color: var(--ink-2);
    font-size: var(--size-small);
    white-space: nowrap;
  }

  .actions {
    display: flex;
    gap: 8px;
    padding-right: 16px;
  }

  .rename {
    flex-basis: 100%;
    padding: 0 16px 12px;
  }
</style>
