<script lang="ts">
  import { pictureOf, regionOf } from '../../api/addresses';
  import type { Proposal, Reading, Source } from '../../api/types';
  import { useBench } from '../../app/bench.svelte';

  interface Props {
    source: Source;
    focused: Proposal | undefined;
    reading: Reading;
  }

  const { source, focused, reading }: Props = $props();
  const bench = useBench();

  const mask = $derived(focused && `url("${regionOf(bench.id, source.id, focused.hex, reading)}")`);

  /** In the middle of the pixel, as a share of the picture. */
  function percent(pixel: number, pixels: number): string {
    return `${((pixel + 0.5) / pixels) * 100}%`;
  }
</script>

<figure>
  <div class="sheet" style:--ratio={source.width / source.height}>
    <img src={pictureOf(bench.id, source.id)} alt="{source.name}, {source.width} x {source.height} pixels" />
    {#if focused}
      <div class="hatch" data-region={focused.hex} style:mask-image={mask}></div>
      <div
        class="ring"
        style:left={percent(focused.x, source.width)}
        style:top={percent(focused.y, source.height)}
      ></div>
    {/if}
  </div>
</figure>

<style>
  figure {
    --figure: clamp(220px, calc(100vh - 468px), 560px);
    display: grid;
    place-items: center;
    /* What is chosen and the button that takes it stay in sight beneath. */
    height: var(--figure);
    padding: 8px;
    /* A chequer of two neutral greys shows what is transparent. */
    background: repeating-conic-gradient(var(--paper) 0 25%, var(--board) 0 50%) 0 0 / 16px 16px;
    border: var(--hairline);
  }

  .sheet {
    position: relative;
    width: min(100%, calc((var(--figure) - 18px) * var(--ratio)));
    aspect-ratio: var(--ratio);
  }

  img {
    width: 100%;
    height: 100%;
  }

  .hatch {
    position: absolute;
    inset: 0;
    background: var(--hatch-strong);
    mask-size: 100% 100%;
    pointer-events: none;
  }

  .ring {
    position: absolute;
    width: 24px;
    height: 24px;
    margin: -12px;
    border: 2.5px solid #fff;
    border-radius: 50%;
    outline: 1.5px solid #000;
    pointer-events: none;
  }
</style>
