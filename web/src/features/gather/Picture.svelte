<script lang="ts">
  import { pictureOf, regionOf } from '../../api/addresses';
  import type { Proposal, Reading, PictureSource } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import type { CropState } from './crop.svelte';
  import type { Picker } from './picker.svelte';

  interface Props {
    source: PictureSource;
    focused: Proposal | undefined;
    /** The reading that a person asked for. */
    reading: Reading | undefined;
    picker: Picker;
    crop: CropState;
    /** How many times larger than it fits. */
    zoom: number;
  }

  const { source, focused, reading, picker, crop, zoom }: Props = $props();
  const bench = useBench();

  /** Pixels that an arrow key moves with Shift held. */
  const LEAP = 10;

  const mask = $derived(focused && `url("${regionOf(bench.id, source.id, focused.hex, reading)}")`);

  let dragging = false;
  /** Where a crop began, in pixels of the picture. */
  let corner = { x: 0, y: 0 };

  /** In the middle of the pixel, as a share of the picture. */
  function percent(pixel: number, pixels: number): string {
    return `${((pixel + 0.5) / pixels) * 100}%`;
  }

  function placeOf(event: PointerEvent & { currentTarget: HTMLElement }): { x: number; y: number } {
    const box = event.currentTarget.getBoundingClientRect();
    return {
      x: ((event.clientX - box.left) / box.width) * source.width,
      y: ((event.clientY - box.top) / box.height) * source.height,
    };
  }

  function follow(event: PointerEvent & { currentTarget: HTMLElement }) {
    const { x, y } = placeOf(event);
    if (crop.part) {
      crop.span(corner.x, corner.y, x, y);
    } else {
      picker.put(x, y);
    }
  }

  function onpointerdown(event: PointerEvent & { currentTarget: HTMLElement }) {
    dragging = true;
    event.currentTarget.setPointerCapture(event.pointerId);
    corner = placeOf(event);
    if (!crop.part) {
      follow(event);
    }
  }

  function onpointermove(event: PointerEvent & { currentTarget: HTMLElement }) {
    if (dragging) {
      follow(event);
    }
  }

  function onkeydown(event: KeyboardEvent) {
    const step = event.shiftKey ? LEAP : 1;
    const moves: Record<string, [number, number]> = {
      ArrowLeft: [-step, 0],
      ArrowRight: [step, 0],
      ArrowUp: [0, -step],
      ArrowDown: [0, step],
    };
    const move = moves[event.key];
    if (move) {
      event.preventDefault();
      picker.move(...move);
    } else if (event.key === 'Escape') {
      event.stopPropagation();
      picker.end();
    }
  }

  function focusOnce(ring: HTMLElement) {
    ring.focus({ preventScroll: true });
  }
</script>

<figure class:zoomed={zoom > 1}>
  <!-- The ring inside can be moved by keys; the pointer may take any place at once. -->
  <!-- svelte-ignore a11y_no_static_element_interactions -->
  <div
    class="sheet"
    class:cropping={crop.part}
    style:--ratio={source.width / source.height}
    style:--zoom={zoom}
    {onpointerdown}
    {onpointermove}
    onpointerup={() => (dragging = false)}
    onpointercancel={() => (dragging = false)}
  >
    <img
      src={pictureOf(bench.id, source.id)}
      alt="{source.name}, {source.width} x {source.height} pixels"
      draggable="false"
    />
    {#if focused && !picker.place && !crop.part}
      <div class="hatch" data-region={focused.hex} style:mask-image={mask}></div>
      <div
        class="ring"
        style:left={percent(focused.x, source.width)}
        style:top={percent(focused.y, source.height)}
      ></div>
    {/if}
    {#if crop.part}
      <div
        class="part"
        style:left="{(crop.part.x / source.width) * 100}%"
        style:top="{(crop.part.y / source.height) * 100}%"
        style:width="{(crop.part.width / source.width) * 100}%"
        style:height="{(crop.part.height / source.height) * 100}%"
      ></div>
    {:else if picker.place}
      <button
        type="button"
        class="ring held"
        aria-label="Place {picker.place.x}, {picker.place.y}; arrow keys move it, with Shift by ten pixels"
        style:left={percent(picker.place.x, source.width)}
        style:top={percent(picker.place.y, source.height)}
        {onkeydown}
        {@attach focusOnce}
      ></button>
    {/if}
  </div>
</figure>

<style>
  figure {
    display: grid;
    place-items: center;
    min-width: 0;
    min-height: 168px;
    max-height: 560px;
    padding: 8px;
    /* The sheet fits into what the view leaves to the figure. */
    container-type: size;
    /* A chequer of two neutral greys shows what is transparent. */
    background: repeating-conic-gradient(var(--paper) 0 25%, var(--board) 0 50%) 0 0 / 16px 16px;
    border: var(--hairline);
  }

  .zoomed {
    place-items: start;
    overflow: auto;
  }

  .sheet {
    position: relative;
    width: calc(min(100cqw, 100cqh * var(--ratio)) * var(--zoom));
    aspect-ratio: var(--ratio);
    cursor: crosshair;
    touch-action: none;
  }

  img {
    width: 100%;
    height: 100%;
    user-select: none;
  }

  .zoomed img {
    image-rendering: pixelated;
  }

  .hatch {
    position: absolute;
    inset: 0;
    background: var(--hatch-strong);
    mask-size: 100% 100%;
    pointer-events: none;
  }

  .cropping {
    overflow: hidden;
  }

  .part {
    position: absolute;
    border: 2px solid #fff;
    outline: 2px dashed #000;
    outline-offset: -2px;
    /* What is left out is dimmed. */
    box-shadow: 0 0 0 9999px rgb(0 0 0 / 50%);
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

  .held {
    background: transparent;
  }

  .held:focus-visible {
    box-shadow: 0 0 0 5px #fff;
    outline: 3px solid #000;
  }
</style>
