<script lang="ts">
  import type { Specimen } from '../../api/types';

  /** Lines, a pie, and columns in which only one series is raised. */
  interface Props {
    specimen: Specimen;
  }

  const { specimen }: Props = $props();

  /** Invented figures: heights in pixels of the drawing. */
  const LINES = [
    [40, 46, 58, 62, 70],
    [30, 28, 36, 44, 41],
    [52, 48, 40, 34, 30],
    [16, 22, 20, 28, 33],
  ] as const;
  const SHARES = [34, 24, 16, 12, 8, 6] as const;
  const COLUMNS = [38, 44, 40, 66, 48, 42] as const;
  /** The one that matters. */
  const RAISED = 3;

  const RADIUS = 34;

  function point(percent: number): string {
    const angle = (percent / 100) * 2 * Math.PI - Math.PI / 2;
    return `${50 + RADIUS * Math.cos(angle)} ${58 + RADIUS * Math.sin(angle)}`;
  }

  const slices = SHARES.map((share, index) => {
    const start = SHARES.slice(0, index).reduce((sum, other) => sum + other, 0);
    return `M50 58L${point(start)}A${RADIUS} ${RADIUS} 0 ${share > 50 ? 1 : 0} 1 ${point(start + share)}Z`;
  });
</script>

<svg viewBox="0 0 308 116" style:background={specimen.page1}>
  {#each LINES as heights, series (series)}
    <polyline
      points={heights.map((height, at) => `${112 + at * 20},${100 - height}`).join(' ')}
      style:stroke={specimen.series[series]}
    />
  {/each}
  {#each slices as slice, series (series)}
    <path d={slice} style:fill={specimen.series[series]} style:stroke={specimen.page1} />
  {/each}
  {#each COLUMNS as height, at (at)}
    <rect
      x={216 + at * 14}
      y={100 - height}
      width="10"
      {height}
      style:fill={at === RAISED ? specimen.raised : specimen.quiet}
    />
  {/each}
  <line x1="108" x2="198" y1="100.5" y2="100.5" style:stroke={specimen.text2} />
  <line x1="210" x2="300" y1="100.5" y2="100.5" style:stroke={specimen.text2} />
</svg>

<style>
  svg {
    display: block;
    width: 100%;
  }

  polyline {
    fill: none;
    stroke-width: 2.5px;
  }
</style>
