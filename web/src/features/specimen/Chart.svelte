<script lang="ts">
  import type { Specimen } from '../../api/types';
  import { setIn } from '../../words/lettering';

  interface Props {
    specimen: Specimen;
  }

  const { specimen }: Props = $props();

  /** Invented figures: four groups of six series; heights in pixels of the drawing. */
  const GROUPS = [
    [62, 48, 30, 22, 40, 18],
    [74, 55, 26, 30, 44, 24],
    [50, 66, 38, 26, 30, 33],
    [80, 70, 44, 36, 52, 27],
  ] as const;
</script>

<svg viewBox="0 0 308 136" style:background={specimen.page1}>
  <text x="14" y="22" class="title" style:fill={specimen.text1} style={setIn(specimen.heading)}>
    Six series, by quarter
  </text>
  {#each GROUPS as group, at (at)}
    {#each group as height, series (series)}
      <rect
        x={20 + at * 70 + series * 8}
        y={118 - height}
        width="7"
        {height}
        style:fill={specimen.series[series]}
      />
    {/each}
    <text x={43.5 + at * 70} y="131" class="label" style:fill={specimen.text2} style={setIn(specimen.body)}>
      Q{at + 1}
    </text>
  {/each}
  <line x1="14" x2="294" y1="118.5" y2="118.5" style:stroke={specimen.text2} />
</svg>

<style>
  svg {
    display: block;
    width: 100%;
  }

  .title {
    font-size: 12px;
  }

  .label {
    font-size: 10px;
    text-anchor: middle;
  }
</style>
