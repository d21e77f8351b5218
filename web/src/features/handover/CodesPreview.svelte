<script lang="ts">
  import { useBench } from '../../bench/bench.svelte';

  /** What codes look like: the first swatches and theirs. */
  interface Props {
    /** Whether as flat colours, as on a sheet of swatches. */
    sheet?: boolean;
  }

  const { sheet = false }: Props = $props();
  const bench = useBench();

  const swatches = $derived(bench.brand.swatches.slice(0, 6));
</script>

<svg
  viewBox="0 0 120 75"
  role="img"
  aria-label={sheet ? 'The palette as a sheet' : 'Swatches and their codes'}
>
  <rect width="120" height="75" fill={sheet ? '#D6D6D6' : '#FFFFFF'} />
  {#each swatches as { id, hex }, index (id)}
    {#if sheet}
      <rect
        x={6 + (index % 3) * 37}
        y={5 + Math.floor(index / 3) * 34}
        width="34"
        height="31"
        fill={hex}
        stroke="#FFFFFF"
        stroke-width="2"
      />
    {:else}
      <rect x="6" y={5 + index * 11} width="8" height="8" fill={hex} />
      <text x="19" y={12 + index * 11} fill="#161616">--{hex.toLowerCase()};</text>
    {/if}
  {/each}
</svg>

<style>
  svg {
    display: block;
    height: 100%;
  }

  text {
    font: 500 8px var(--code);
  }
</style>
