<script lang="ts">
  import AddSwatch from '../../app/AddSwatch.svelte';
  import { useBench } from '../../app/bench.svelte';
  import { addressOf } from '../../app/route.svelte';
  import Button from '../../ui/Button.svelte';
  import StationTitle from '../../ui/StationTitle.svelte';
  import Companions from './Companions.svelte';
  import SwatchRow from './SwatchRow.svelte';

  const bench = useBench();

  let adding = $state(false);
  let companions = $state(false);
</script>

<StationTitle name="Palette" hint="Most used first. A click on a code copies it.">
  {#if bench.brand.swatches.filter((swatch) => !swatch.offLimits).length >= 3}
    <Button onclick={() => (companions = true)}>Companions</Button>
  {/if}
  <Button onclick={() => (adding = true)}>Add a colour</Button>
</StationTitle>

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

{#if companions}
  <Companions onclose={() => (companions = false)} />
{/if}
{#if adding}
  <AddSwatch onclose={() => (adding = false)} />
{/if}

<style>
  ol {
    border-top: var(--rule);
  }

  .empty {
    padding: 24px;
    border: 1.5px dashed var(--ink-3);
  }
</style>
