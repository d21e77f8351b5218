<script lang="ts">
  import PartFields, { type Part } from './PartFields.svelte';

  /** A picture on which a part is marked, by dragging or in numbers. */
  interface Props {
    /** In the unit of the part. */
    size: { width: number; height: number };
    name: string;
    /** Address of the picture. */
    picture: string;
    marked: {
      readonly part: Part;
      set(part: Part): void;
      span(fromX: number, fromY: number, toX: number, toY: number): void;
    };
    /** What is to be dragged over. */
    what: string;
  }

  const { size, name, picture, marked, what }: Props = $props();

  /** Where the part began, in pixels of the picture. */
  let corner: { x: number; y: number } | undefined;

  function placeOf(event: PointerEvent & { currentTarget: HTMLElement }): { x: number; y: number } {
    const box = event.currentTarget.getBoundingClientRect();
    return {
      x: ((event.clientX - box.left) / box.width) * size.width,
      y: ((event.clientY - box.top) / box.height) * size.height,
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
    style:aspect-ratio={size.width / size.height}
    style:--ratio={size.width / size.height}
    {onpointerdown}
    {onpointermove}
    onpointerup={() => (corner = undefined)}
    onpointercancel={() => (corner = undefined)}
  >
    <img src={picture} alt={name} draggable="false" />
    <i
      style:left="{(marked.part.x / size.width) * 100}%"
      style:top="{(marked.part.y / size.height) * 100}%"
      style:width="{(marked.part.width / size.width) * 100}%"
      style:height="{(marked.part.height / size.height) * 100}%"
    ></i>
  </div>
  <p>
    Drag over {what}, or set
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
