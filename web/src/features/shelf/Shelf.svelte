<script lang="ts">
  import { Doing } from '../../bench/doing.svelte';
  import type { ShelfBrand } from '../../api/types';
  import { leading } from '../../bench/leading.svelte';
  import { addressOf, router } from '../../bench/route.svelte';
  import Wordmark from '../../ui/Wordmark.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import { FileDrop } from '../../ui/filedrop.svelte';
  import BrandRow from './BrandRow.svelte';
  import DefaultsDialog from './DefaultsDialog.svelte';
  import ShelfTools from './ShelfTools.svelte';
  import { ShelfState } from './shelf.svelte';

  const shelf = new ShelfState();
  const doing = new Doing();
  const dropped = new FileDrop(takeIn);

  let name = $state('');
  let said = $state<string>();
  let settingDefaults = $state(false);

  function attempt(action: () => Promise<void>): Promise<boolean> {
    said = undefined;
    return doing.do(action);
  }

  /** For what adds something: a second Enter adds nothing. */
  function once(action: () => Promise<void>): Promise<boolean> {
    said = undefined;
    return doing.once(action);
  }

  void attempt(() => shelf.load());

  function begin(event: SubmitEvent) {
    event.preventDefault();
    void once(async () => {
      const first = shelf.total === 0;
      const id = await shelf.begin(name.trim());
      leading.begin(id, first);
      router.go(addressOf(id));
    });
  }

  function remove(brand: ShelfBrand) {
    void attempt(async () => {
      await shelf.delete(brand);
      said = `${brand.name} is off the shelf. It stands below and can be put back.`;
    });
  }

  function copy(brand: ShelfBrand) {
    void once(async () => {
      const name = await shelf.copy(brand);
      said = `${name} stands on the shelf, with a trail of its own.`;
    });
  }

  function takeIn(files: File[]) {
    void once(async () => {
      const lines = await shelf.takeIn(files, (words) => (said = words));
      said = lines.join('\n');
    });
  }

  function putBack(brand: ShelfBrand) {
    void attempt(async () => {
      await shelf.putBack(brand);
      said = `${brand.name} is back on the shelf.`;
    });
  }
</script>

<svelte:head><title>Shelf - Zumbido</title></svelte:head>

<header><Wordmark /></header>
<main ondragover={dropped.enter} ondragleave={dropped.leave} ondrop={dropped.drop} class:over={dropped.over}>
  <h1>Shelf</h1>
  <p class="lead">Every brand has its place here: colours, theme and what is handed over.</p>

  <form onsubmit={begin}>
    <label for="new-brand">New brand</label>
    <input
      id="new-brand"
      bind:value={name}
      required
      maxlength="120"
      autocomplete="off"
      placeholder="Its name, as people know it"
    />
    <Button type="submit" look="main" disabled={name.trim() === ''}>Put it on the shelf</Button>
  </form>
  <div>
    <Complaint text={doing.problem} />
    <p role="status" class:said>{said ?? ''}</p>
  </div>

  <ShelfTools
    search={shelf.search}
    brands={shelf.brands ?? []}
    total={shelf.total}
    more={shelf.more}
    onsearch={(text) => shelf.lookFor(text)}
    ontakein={takeIn}
    ondefaults={() => (settingDefaults = true)}
  />

  {#if shelf.brands?.length}
    <ul aria-label="Brands">
      {#each shelf.brands as brand (brand.id)}
        <BrandRow
          {brand}
          onrename={(to) => shelf.rename(brand, to)}
          oncopy={() => copy(brand)}
          ondelete={() => remove(brand)}
        />
      {/each}
    </ul>
    {#if shelf.more}
      <p><Button look="quiet" onclick={() => attempt(() => shelf.showMore())}>Show more brands</Button></p>
    {/if}
  {:else if shelf.brands && shelf.total > 0}
    <p class="empty">Nothing on the shelf is called so or has such a colour.</p>
  {:else if shelf.brands}
    <p class="empty">
      No brand yet. Give it a name above; then drop its logo, and colours and theme are drafted from it.
    </p>
  {/if}

  {#if shelf.deleted.length}
    <details>
      <summary>Taken off the shelf ({shelf.deleted.length})</summary>
      <ul aria-label="Taken off">
        {#each shelf.deleted as brand (brand.id)}
          <li class="off">
            <span>{brand.name}</span>
            <Button look="quiet" onclick={() => putBack(brand)}>Put {brand.name} back</Button>
          </li>
        {/each}
      </ul>
    </details>
  {/if}
</main>

{#if settingDefaults}
  <DefaultsDialog {shelf} onclose={() => (settingDefaults = false)} />
{/if}

<style>
  .over {
    outline: 3px solid var(--ink);
    outline-offset: -3px;
  }

  header {
    display: flex;
    align-items: center;
    height: var(--head);
    padding: 0 16px;
    border-bottom: var(--rule);
    background: var(--board);
  }

  main {
    display: grid;
    gap: 16px;
    max-width: 1080px;
    margin: 0 auto;
    padding: 40px 24px;
  }

  h1 {
    font-size: var(--size-large);
    line-height: 32px;
  }

  .lead {
    margin-top: -8px;
    font-size: var(--size-lead);
  }

  form {
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
    align-items: center;
    padding: 16px;
    border: var(--rule);
    background: var(--board);
  }

  label {
    font-weight: 600;
  }

  input {
    flex: 1;
    min-width: 200px;
    min-height: 32px;
    padding: 4px 8px;
    border: var(--rule);
    background: var(--paper);
  }

  input::placeholder {
    color: var(--ink-3);
  }

  ul {
    display: grid;
    gap: 8px;
  }

  .said {
    white-space: pre-line;
    padding: 4px 10px;
    border-left: 4px solid var(--ink);
    background: var(--paper);
  }

  .empty {
    padding: 24px;
    border: 1.5px dashed var(--ink-3);
  }

  summary {
    font-weight: 600;
    cursor: pointer;
  }

  .off {
    display: flex;
    justify-content: space-between;
    align-items: center;
    padding: 4px 16px;
    border-bottom: var(--hairline);
  }
</style>
