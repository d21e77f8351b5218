<script lang="ts">
  import AddSwatch from '../../app/AddSwatch.svelte';
  import { useBench } from '../../app/bench.svelte';
  import { addressOf } from '../../app/route.svelte';
  import Button from '../../ui/Button.svelte';
  import SwatchRow from './SwatchRow.svelte';

  const bench = useBench();

  let adding = $state(false);
</script>

<div class="title">
  <h1>Palette</h1>
  <span class="hint">Most used first. A click on a code copies it.</span>
  <Button onclick={() => (adding = true)}>Add a colour</Button>
</div>

{#if bench.brand.swatches.length === 0}
  <p class="empty">
    No swatch yet. Take colours from a picture in <a href={addressOf(bench.id, 'gather')}>Gather</a>, or add
    one by its code.
  </p>
{:else}
  <ol aria-label="Swatches">
    {#each bench.brand.swatches as swatch, index (swatch.id)}
      <SwatchRow {swatch} {index} last={index === bench.brand.swatches.length - 1} />
    {/each}
  </ol>
{/if}

{#if adding}
  <AddSwatch onclose={() => (adding = false)} />
{/if}

<style>
  .title {
    display: flex;
    align-items: center;
    gap: 12px;
    min-height: 32px;
    margin-bottom: 14px;
  }

  h1 {
    font-size: var(--size-title);
    letter-spacing: -0.01em;
  }

  .hint {
    flex: 1;
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  ol {
    border-top: var(--rule);
  }

  .empty {
    padding: 24px;
    border: 1.5px dashed var(--ink-3);
  }
</style>
