<script lang="ts">
  import type { Frame } from './frame.svelte';

  /** The frame that text stands in, moved by pointer and by arrow keys; with Shift its corner is. */
  interface Props {
    frame: Frame;
  }

  const { frame }: Props = $props();

  /** One press of an arrow key; share of a side. */
  const STEP = 0.02;
  const ARROWS: Record<string, readonly [number, number]> = {
    ArrowLeft: [-STEP, 0],
    ArrowRight: [STEP, 0],
    ArrowUp: [0, -STEP],
    ArrowDown: [0, STEP],
  };

  let held: 'frame' | 'corner' | undefined;

  /** So near to the lower right corner it is the corner that is held; pixels. */
  const CORNER = 16;

  function onpointerdown(event: PointerEvent & { currentTarget: HTMLElement }) {
    const { right, bottom } = event.currentTarget.getBoundingClientRect();
    held = right - event.clientX < CORNER && bottom - event.clientY < CORNER ? 'corner' : 'frame';
    event.currentTarget.setPointerCapture(event.pointerId);
  }

  function onpointermove(event: PointerEvent & { currentTarget: HTMLElement }) {
    const field = event.currentTarget.closest('[data-field]')?.getBoundingClientRect();
    if (held && field) {
      const across = event.movementX / field.width;
      const down = event.movementY / field.height;
      if (held === 'corner') {
        frame.size(across, down);
      } else {
        frame.move(across, down);
      }
    }
  }

  function onkeydown(event: KeyboardEvent) {
    const way = ARROWS[event.key];
    if (way) {
      event.preventDefault();
      if (event.shiftKey) {
        frame.size(...way);
      } else {
        frame.move(...way);
      }
    }
  }
</script>

<button
  type="button"
  aria-label="Where the text stands: arrow keys move the frame, with Shift they size it"
  style:left="{frame.place.x * 100}%"
  style:top="{frame.place.y * 100}%"
  style:width="{frame.place.width * 100}%"
  style:height="{frame.place.height * 100}%"
  {onkeydown}
  {onpointerdown}
  {onpointermove}
  onpointerup={() => (held = undefined)}
>
  <i></i>
</button>

<style>
  /* Two tones, so that it is seen on every picture. */
  button {
    position: absolute;
    border: 1.5px dashed var(--ink);
    outline: 1.5px dashed var(--paper);
    cursor: move;
    touch-action: none;
  }

  button:focus-visible {
    border-style: solid;
    outline: 3px solid var(--paper);
  }

  i {
    position: absolute;
    right: -6px;
    bottom: -6px;
    width: 14px;
    height: 14px;
    border: 1.5px solid var(--ink);
    background: var(--paper);
    cursor: nwse-resize;
  }
</style>
