<script lang="ts">
  import type { PictureSource } from '../../api/types';
  import type { Part } from '../../bench/marked.svelte';

  /** The marked word with the letters of a face laid over it as an outline in two tones. */
  interface Props {
    source: PictureSource;
    picture: string;
    part: Part;
    /** Path data in pixels of the part; nothing: the word alone. */
    outline: string | undefined;
  }

  const { source, picture, part, outline }: Props = $props();

  const stroke = $derived(Math.max(part.width, part.height) / 180);
</script>

<svg
  viewBox="0 0 {part.width} {part.height}"
  role="img"
  aria-label="The word with these letters laid over it"
>
  <image href={picture} x={-part.x} y={-part.y} width={source.width} height={source.height} />
  {#if outline}
    <path d={outline} class="light" stroke-width={stroke * 2.2} />
    <path d={outline} class="dark" stroke-width={stroke} />
  {/if}
</svg>

<style>
  svg {
    display: block;
    width: 100%;
    max-height: 96px;
    background: var(--paper);
    overflow: hidden;
  }

  path {
    fill: none;
  }

  .light {
    stroke: var(--paper);
  }

  .dark {
    stroke: var(--ink);
  }
</style>
