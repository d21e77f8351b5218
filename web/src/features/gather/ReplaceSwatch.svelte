<script lang="ts">
  import type { Swatch } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';

  interface Props {
    /** What replaces it. */
    hex: string | undefined;
    onchoose: (swatch: Swatch) => void;
  }

  const { hex, onchoose }: Props = $props();
  const bench = useBench();

  function onchange(event: Event & { currentTarget: HTMLSelectElement }) {
    const swatch = bench.brand.swatches.find(({ id }) => id === event.currentTarget.value);
    event.currentTarget.value = '';
    if (swatch) {
      onchoose(swatch);
    }
  }
</script>

{#if bench.brand.swatches.length > 0}
  <select aria-label="Let {hex?.slice(1) ?? 'it'} replace a colour" disabled={!hex} {onchange}>
    <option value="">let {hex?.slice(1) ?? 'it'} replace…</option>
    {#each bench.brand.swatches as swatch (swatch.id)}
      <option value={swatch.id}>{swatch.name}, {swatch.hex.slice(1)}</option>
    {/each}
  </select>
{/if}

<style>
  select {
    max-width: 180px;
  }
</style>
