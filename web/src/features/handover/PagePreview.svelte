<script lang="ts">
  import type { Specimen } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';

  /** Sketches of a letter and a report in the brand's colours; paper is white. */
  interface Props {
    specimen: Specimen;
  }

  const { specimen }: Props = $props();
  const bench = useBench();

  const form = $derived((['primary', 'short', 'submark'] as const).find((one) => bench.logos.has(one)));
  const LINES = [34, 40, 38, 26];
</script>

<svg viewBox="0 0 120 75" role="img" aria-label="A letter and a report in the brand's colours">
  {#each [0, 62] as x (x)}
    <g transform="translate({x})">
      <rect width="53" height="75" fill="#FFFFFF" />
      {#if form}
        <image
          href={bench.logos.picture(form, bench.logos.versionOn(form, '#FFFFFF'), 240)}
          x="6"
          y="5"
          width="20"
          height="8"
          preserveAspectRatio="xMinYMid meet"
        />
      {/if}
      {#if x > 0}
        <rect x="6" y="20" width="30" height="4" fill={specimen.heading.color} />
        <rect x="6" y="27" width="20" height="2" fill={specimen.subheading.color} />
      {/if}
      {#each LINES as width, line (line)}
        <rect x="6" y={33 + line * 4} {width} height="1.2" fill={specimen.text1} opacity="0.6" />
      {/each}
      {#if x > 0}
        <rect x="6" y="52" width="41" height="4" fill={specimen.tableHead} />
        <rect x="6" y="56" width="41" height="3.5" fill={specimen.band} />
        <rect x="6" y="62" width="1.4" height="7" fill={specimen.lead} />
        <rect x="9" y="63" width="30" height="1.2" fill={specimen.text1} opacity="0.6" />
      {:else}
        <rect x="6" y="52" width="18" height="2" fill={specimen.subheading.color} />
        <rect x="6" y="57" width="36" height="1.2" fill={specimen.link} />
      {/if}
    </g>
  {/each}
</svg>

<style>
  svg {
    display: block;
    height: 100%;
  }
</style>
