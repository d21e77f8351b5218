<script lang="ts">
  import type { Specimen } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { setIn } from '../../words/lettering';

  interface Props {
    specimen: Specimen;
    name: string;
    /** Whether slides are as wide as they are on old screens: 4:3. */
    standard?: boolean;
  }

  const { specimen, name, standard = false }: Props = $props();
  const bench = useBench();

  /** As the template chooses it. */
  const form = $derived((['primary', 'short', 'submark'] as const).find((one) => bench.logos.has(one)));
</script>

<!-- The title layout as the template draws it, in its own proportions. -->
<svg
  viewBox="0 0 {standard ? 192 : 256} 144"
  role="img"
  aria-label="Title slide of the template, in the theme's colours"
>
  <rect width="256" height="144" style:fill={specimen.text1} />
  {#if form}
    <image
      href={bench.logos.picture(form, bench.logos.versionOn(form, specimen.text1), 480)}
      x="14.7"
      y="11.2"
      width="96"
      height="19.2"
      preserveAspectRatio="xMinYMid meet"
    />
  {/if}
  <rect x="14.7" y="81.6" width="38.4" height="1.44" style:fill={specimen.accents[1]} />
  <text x="14.7" y="72" class="name" style:fill={specimen.page1} style={setIn(specimen.heading)}>{name}</text>
  <text x="14.7" y="97" class="sub" style:fill={specimen.page2} style={setIn(specimen.body)}>Subtitle</text>
</svg>

<style>
  svg {
    display: block;
    height: 100%;
    max-width: 100%;
  }

  .name {
    font-size: 15px;
  }

  .sub {
    font-size: 7px;
  }
</style>
