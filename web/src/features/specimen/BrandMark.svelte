<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { FormName } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';

  /** The logo on a ground, in the version that reads there; where there is none, whatever stands instead. */
  interface Props {
    /** Whether the brand is shown at all. */
    shown: boolean;
    /** The first that there is is taken. */
    forms: readonly FormName[];
    /** Hex of what it stands on. */
    ground: string;
    /** In pixels of the page. */
    height: number;
    children?: Snippet;
  }

  const { shown, forms, ground, height, children }: Props = $props();
  const bench = useBench();

  const form = $derived(shown ? forms.find((one) => bench.logos.has(one)) : undefined);
</script>

{#if form}
  <img
    src={form === 'icon'
      ? bench.logos.icon(height <= 16 ? 32 : 180)
      : bench.logos.picture(form, bench.logos.versionOn(form, ground), 480)}
    alt=""
    data-mark={form}
    data-on={ground.slice(1)}
    style:height="{height}px"
  />
{:else}
  {@render children?.()}
{/if}

<style>
  img {
    display: block;
    max-width: 100%;
    object-fit: contain;
    object-position: left;
  }
</style>
