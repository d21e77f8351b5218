<script lang="ts">
  import type { Brand, StandIn } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { setIn } from '../../words/lettering';
  import { signedPercent } from './type';

  /** A line in its own face, and the same line in what stands in for it laid over, from the same beginning. */
  interface Props {
    lettering: Brand['type']['heading'];
    ink: string;
    standIn: StandIn;
    text: string;
    /** In pixels. */
    size: number;
  }

  const { lettering, ink, standIn, text, size }: Props = $props();
  const bench = useBench();

  const font = $derived(bench.faces.font(standIn.fontId));
  /** As much as fits on one line, in whole words. */
  const line = $derived(text.length > 34 ? text.slice(0, text.lastIndexOf(' ', 34)) : text);
</script>

<div class="lines" style:font-size="{size}px">
  <p class:faint={font} style={setIn({ ...lettering, color: ink })}>{line}</p>
  {#if font}
    <p
      class="instead"
      data-instead={standIn.family}
      style={setIn({ ...lettering, stack: `"${font.family}"`, color: ink })}
    >
      {line}
    </p>
  {/if}
</div>
<small>
  {font
    ? `${standIn.family} laid over ${lettering.family}: lines ${signedPercent(standIn.longer)}`
    : `No file of ${standIn.family} is here to show it: lines ${signedPercent(standIn.longer)}`}
</small>

<style>
  .lines {
    position: relative;
    white-space: nowrap;
  }

  .faint {
    opacity: 0.35;
  }

  .instead {
    position: absolute;
    inset: 0 auto auto 0;
  }

  small {
    font: 400 var(--size-small) / 16px var(--text);
  }
</style>
