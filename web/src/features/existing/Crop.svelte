<script lang="ts">
  import type { Frame } from './places';

  /** A part of a page, with a little of what is around it. */
  interface Props {
    src: string;
    frame: Frame;
    alt: string;
  }

  const { src, frame, alt }: Props = $props();

  /** Share of the page around the place. */
  const AROUND = 0.02;
  /** Smaller parts would be blown up beyond telling what they are. */
  const LEAST = 0.22;
  const width = $derived(Math.min(1, Math.max(LEAST, frame.width + 2 * AROUND)));
  const left = $derived(Math.max(0, Math.min(1 - width, frame.x + frame.width / 2 - width / 2)));
  const middle = $derived(Math.max(0, Math.min(1, frame.y + frame.height / 2)));
</script>

<div>
  <img
    {src}
    {alt}
    style:width="{100 / width}%"
    style:left="{(-left / width) * 100}%"
    style:--middle={middle}
  />
</div>

<style>
  div {
    position: relative;
    height: 64px;
    overflow: hidden;
    outline: 1px solid var(--hair);
    background: var(--paper);
  }

  img {
    position: absolute;
    top: 50%;
    max-width: none;
    transform: translateY(calc(-100% * var(--middle)));
  }
</style>
