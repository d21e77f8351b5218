<script lang="ts">
  import type { SlideLayout, SlideShape, Specimen } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { setIn } from '../../words/lettering';

  interface Props {
    layout: SlideLayout;
    specimen: Specimen;
  }

  const { layout, specimen }: Props = $props();
  const bench = useBench();
  const id = $props.id();

  /** Each level of a list over the first one, as slides have it. */
  const LEVELS = [1, 5 / 6, 3 / 4];
  const LINE = 1.15;

  function letters(shape: SlideShape) {
    return shape.role === 'heading'
      ? specimen.heading
      : shape.role === 'subheading'
        ? specimen.subheading
        : specimen.body;
  }

  /** Width of a letter on average, in ems. */
  const AVERAGE = 0.52;

  function wrapped(text: string, most: number): string[] {
    const lines: string[] = [];
    for (const word of text.split(' ')) {
      const last = lines.at(-1);
      if (last !== undefined && last.length + word.length < most) {
        lines[lines.length - 1] = `${last} ${word}`;
      } else {
        lines.push(word);
      }
    }
    return lines;
  }

  /** Where the lines of a text stand, by what they are anchored at. */
  function lines(shape: SlideShape) {
    const size = shape.size ?? 12;
    const room = { width: shape.width - 2 * shape.inset, height: shape.height - 2 * shape.inset };
    const set = shape.text.flatMap((text, level) => {
      const own = size * (shape.signs ? (LEVELS[level] ?? 2 / 3) : 1);
      const indent = shape.signs ? size * (level + 1) : 0;
      const most = Math.max(4, (room.width - indent) / (own * AVERAGE));
      return wrapped(text, most).map((line, nth) => ({
        text: line,
        size: own,
        indent,
        level,
        first: nth === 0,
      }));
    });
    const tall = set.reduce((sum, line) => sum + line.size * LINE, 0);
    // What is too long is set smaller, as the file has it.
    const scale = Math.min(1, room.height / Math.max(tall, 1));
    const free = room.height - tall * scale;
    let y =
      shape.y + shape.inset + (shape.anchor === 'bottom' ? free : shape.anchor === 'middle' ? free / 2 : 0);
    return set.map((line) => {
      y += line.size * LINE * scale;
      return { ...line, size: line.size * scale, y: y - line.size * 0.25 * scale };
    });
  }
</script>

<!-- What stands on a layout as the file has it, in its own proportions; it is content, not the bench's. -->
<svg viewBox="0 0 {layout.width} {layout.height}" role="img" aria-label="Layout {layout.name}">
  <defs>
    {#each [{ colors: layout.background, downwards: false }, ...layout.shapes] as fill, index (index)}
      {#if fill.colors.length > 1}
        <linearGradient
          id="{id}-{index}"
          x1="0"
          y1="0"
          x2={fill.downwards ? 0 : 1}
          y2={fill.downwards ? 1 : 0}
        >
          {#each fill.colors as color, stop (stop)}
            <stop offset={stop / (fill.colors.length - 1)} stop-color={color} />
          {/each}
        </linearGradient>
      {/if}
    {/each}
  </defs>
  <rect
    width={layout.width}
    height={layout.height}
    fill={layout.background.length > 1 ? `url(#${id}-0)` : layout.background[0]}
  />
  {#each layout.shapes as shape, index (index)}
    {#if shape.kind === 'logo' && shape.form && shape.under}
      <image
        href={bench.logos.picture(shape.form, bench.logos.versionOn(shape.form, shape.under), 480)}
        x={shape.x}
        y={shape.y}
        width={shape.width}
        height={shape.height}
      />
    {:else if shape.colors.length > 0}
      <rect
        x={shape.x}
        y={shape.y}
        width={shape.width}
        height={shape.height}
        fill={shape.colors.length > 1 ? `url(#${id}-${index + 1})` : shape.colors[0]}
        fill-opacity={shape.opacity}
      />
    {/if}
    {#if shape.kind === 'place'}
      <rect x={shape.x} y={shape.y} width={shape.width} height={shape.height} class="place" />
    {/if}
    {#each lines(shape) as line, nth (nth)}
      {#if shape.signs && shape.bullet && line.first}
        <text
          x={shape.x + line.indent - (shape.size ?? 0)}
          y={line.y}
          font-size={line.size}
          fill={shape.bullet}>{[...shape.signs][line.level]}</text
        >
      {/if}
      <text
        x={shape.toTheRight ? shape.x + shape.width : shape.x + shape.inset + line.indent}
        y={shape.kind === 'place' ? shape.y + shape.height / 2 : line.y}
        dx={shape.kind === 'place' ? shape.width / 2 : 0}
        text-anchor={shape.toTheRight ? 'end' : shape.kind === 'place' ? 'middle' : 'start'}
        font-size={shape.kind === 'place' ? 22 : line.size}
        fill={shape.kind === 'place' ? '#454545' : shape.hex}
        style={setIn(letters(shape))}>{line.text}</text
      >
    {/each}
  {/each}
</svg>

<style>
  svg {
    display: block;
    width: 100%;
    height: auto;
  }

  .place {
    fill: #d6d6d6;
    stroke: #8c8c8c;
    stroke-width: 2;
    stroke-dasharray: 8 6;
  }
</style>
