<script lang="ts">
  import type { Specimen } from '../../api/types';

  /** A sketch of a sheet with a table and a chart. */
  interface Props {
    specimen: Specimen;
  }

  const { specimen }: Props = $props();

  const BARS = [26, 20, 14, 10, 8, 6];
</script>

<svg viewBox="0 0 120 75" role="img" aria-label="A sheet with a table and a chart in the brand's colours">
  <rect width="120" height="75" fill="#FFFFFF" />
  <rect width="120" height="9" fill={specimen.tableHead} />
  {#each [1, 2, 3] as row (row)}
    <rect y={row * 9} width="120" height="9" fill={row % 2 === 0 ? specimen.band : '#FFFFFF'} />
  {/each}
  {#each [24, 48, 72, 96] as x (x)}
    <rect {x} width="0.6" height="36" fill={specimen.page2} />
  {/each}
  {#each [0, 1] as group (group)}
    {#each specimen.series as color, index (index)}
      <rect
        x={10 + group * 54 + index * 8}
        y={73 - (BARS[(index + group) % BARS.length] ?? 6)}
        width="7"
        height={BARS[(index + group) % BARS.length]}
        fill={color}
      />
    {/each}
  {/each}
</svg>

<style>
  svg {
    display: block;
    height: 100%;
  }
</style>
