<script lang="ts">
  import type { PictureSource } from '../../api/types';
  import PartFields from '../../ui/PartFields.svelte';
  import type { Marked } from '../../bench/marked.svelte';

  interface Props {
    source: PictureSource;
    /** Address of the picture. */
    picture: string;
    marked: Marked;
  }

  const { source, picture, marked }: Props = $props();

  /** Where the part began, in pixels of the picture. */
  let corner: { x: number; y: number } | undefined;

  function placeOf(event: PointerEvent & { currentTarget: HTMLElement }): { x: number; y: number } {
    const box = event.currentTarget.getBoundingClientRect();
    return {
      x: ((event.clientX - box.left) / box.width) * source.width,
      y: ((event.clientY - box.top) / box.height) * source.height,
    };
  }

  function onpointerdown(event: PointerEvent & { currentTarget: HTMLElement }) {
    event.currentTarget.setPointerCapture(event.pointerId);
    corner = placeOf(event);
  }

  function onpointermove(event: PointerEvent & { currentTarget: HTMLElement }) {
    if (corner) {
      const { x, y } = placeOf(event);
      marked.span(corner.x, corner.y, x, y);
    }
  }
</script>

<div>
  <!-- The same is set in the fields beneath. -->
  <!-- svelte-ignore a11y_no_static_element_interactions -->
  <div
    class="picture"
    data-mark
    style:aspect-ratio={source.width / source.height}
    style:--ratio={source.width / source.height}
    {onpointerdown}
    {onpointermove}
    onpointerup={() => (corner = undefined)}
    onpointercancel={() => (corner = undefined)}
  >
    <img src={picture} alt={source.name} draggable="false" />
    <i
      style:left="{(marked.part.x / source.width) * 100}%"
      style:top="{(marked.part.y / source.height) * 100}%"
      style:width="{(marked.part.width / source.width) * 100}%"
      style:height="{(marked.part.height / source.height) * 100}%"
    ></i>
  </div>
  <p>
    Drag over the word, or set
    <PartFields part={marked.part} onset={(part) => marked.set(part)} />
  </p>
</div>

<style>
  .picture {
    position: relative;
    width: min(100%, calc(320px * var(--ratio)));
    background: var(--paper);
    cursor: crosshair;
    touch-action: none;
    user-select: none;
  }

  img {
    display: block;
    width: 100%;
    height: 100%;
  }

  i {
    position: absolute;
    border: 1.5px dashed var(--ink);
    outline: 1.5px dashed var(--paper);
    pointer-events: none;
  }

  p {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 12px;
    align-items: center;
    margin-top: 6px;
    font-size: var(--size-small);
  }
</style>
