<script lang="ts">
  import Redo2 from '@lucide/svelte/icons/redo-2';
  import Undo2 from '@lucide/svelte/icons/undo-2';
  import TrailDialog from '../features/trail/TrailDialog.svelte';
  import { useBench } from '../bench/bench.svelte';
  import { eyes } from '../bench/eyes.svelte';
  import { SHELF_ADDRESS } from '../bench/route.svelte';
  import Wordmark from '../ui/Wordmark.svelte';

  interface Props {
    onstep: (direction: 'undo' | 'redo') => void;
    onhelp: () => void;
  }

  const { onstep, onhelp }: Props = $props();
  const bench = useBench();

  let trailOpen = $state(false);

  const time = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });
</script>

<header>
  <a class="home" href={SHELF_ADDRESS} aria-label="Zumbido, to the shelf"><Wordmark /></a>
  <strong class="brand">{bench.brand.name}</strong>
  {#if bench.brand.shortCode}
    <span class="short" title="Short code">{bench.brand.shortCode}</span>
  {/if}
  <a class="shelf" href={SHELF_ADDRESS}>Shelf</a>
  <span class="gap"></span>
  {#if eyes.matrix}
    <span class="eyes">Strip and specimens as seen with {eyes.name}</span>
  {/if}
  <button
    type="button"
    aria-label="Undo"
    title="Undo"
    disabled={!bench.brand.canUndo}
    onclick={() => onstep('undo')}
  >
    <Undo2 size={18} aria-hidden="true" />
  </button>
  <button
    type="button"
    aria-label="Redo"
    title="Redo"
    disabled={!bench.brand.canRedo}
    onclick={() => onstep('redo')}
  >
    <Redo2 size={18} aria-hidden="true" />
  </button>
  <button type="button" onclick={() => (trailOpen = true)}>Trail</button>
  <span class="saved" role="status">
    {#if bench.kept.saving}
      Saving…
    {:else if bench.kept.savedAt}
      Saved {time.format(bench.kept.savedAt)}
    {:else}
      All saved
    {/if}
  </span>
  <button type="button" aria-label="Help and keys" title="Help and keys" onclick={onhelp}>
    <b aria-hidden="true">?</b>
  </button>
</header>

{#if trailOpen}
  <TrailDialog onclose={() => (trailOpen = false)} />
{/if}

<style>
  header {
    grid-area: head;
    display: flex;
    align-items: center;
    gap: 16px;
    min-height: var(--head);
    padding: 0 16px;
    border-bottom: var(--rule);
    background: var(--board);
  }

  .home {
    text-decoration: none;
  }

  .brand {
    min-width: 0;
    overflow: hidden;
    font-size: var(--size-lead);
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  .short {
    padding: 0 5px;
    border: var(--rule);
    font: 500 var(--size-small) / 16px var(--code);
  }

  .gap {
    flex: 1;
  }

  .eyes {
    padding: 0 8px;
    border: var(--rule);
    font-size: var(--size-small);
  }

  button {
    display: inline-flex;
    min-width: 24px;
    min-height: 28px;
    align-items: center;
    justify-content: center;
  }

  button:disabled {
    color: var(--hair);
  }

  .saved {
    min-width: 76px;
    color: var(--ink-2);
    font-size: var(--size-small);
  }
</style>
