<script lang="ts">
  import type { GuideMark, GuidePage } from '../api/types';

  /** A page of the guide as it will print: the same list of marks that goes into every file, painted as it comes. */
  interface Props {
    page: GuidePage;
    /** Address of a version of a logo, so many pixels wide. */
    logo: (mark: GuideMark, width: number) => string;
    /** Address of a picture on the sheet of sources. */
    picture: (source: string) => string;
    /** What is said in place of it. */
    label: string;
  }

  const { page, logo, picture, label }: Props = $props();

  /** Pixels to a point that logos are fetched in. */
  const FINE = 2;

  const prefix = $props.id();

  /** The line of a gradient. Source: W3C CSS Images Level 3, 3.1. */
  function lineOf({ x, y, width, height, angle = 0 }: GuideMark) {
    const radians = (angle * Math.PI) / 180;
    const half = (Math.abs(width * Math.sin(radians)) + Math.abs(height * Math.cos(radians))) / 2;
    const [dx, dy] = [Math.sin(radians) * half, -Math.cos(radians) * half];
    const [cx, cy] = [x + width / 2, y + height / 2];
    return { x1: cx - dx, y1: cy - dy, x2: cx + dx, y2: cy + dy };
  }

  function turnOf({ x, y, width, height, turned }: GuideMark): string | undefined {
    return turned ? `rotate(${turned} ${x + width / 2} ${y + height / 2})` : undefined;
  }

  function cropped({ x, y, width, height, crop }: GuideMark) {
    const [left, top, wide, tall] = crop ?? [0, 0, 1, 1];
    const [full, high] = [width / wide!, height / tall!];
    return { x: x - left! * full, y: y - top! * high, width: full, height: high };
  }
</script>

<svg viewBox="0 0 {page.width} {page.height}" role="img" aria-label={label}>
  <rect width={page.width} height={page.height} fill={page.ground} />
  {#each page.marks as mark, index (index)}
    {#if mark.kind === 'words'}
      <text
        x={mark.x}
        y={mark.baseline}
        fill={mark.color}
        textLength={mark.width > 0 ? mark.width : undefined}
        lengthAdjust="spacingAndGlyphs"
        style:font-family="'{mark.family}'"
        style:font-weight={mark.weight}
        style:font-style={mark.italic ? 'italic' : undefined}
        style:font-size="{mark.size}px"
        style:letter-spacing={mark.tracking ? `${mark.tracking / 1000}em` : undefined}>{mark.text}</text
      >
    {:else if mark.kind === 'fill'}
      <rect x={mark.x} y={mark.y} width={mark.width} height={mark.height} fill={mark.color} />
    {:else if mark.kind === 'outline'}
      {@const inset = (mark.thickness ?? 0) / 2}
      <rect
        x={mark.x + inset}
        y={mark.y + inset}
        width={Math.max(0, mark.width - 2 * inset)}
        height={Math.max(0, mark.height - 2 * inset)}
        fill="none"
        stroke={mark.color}
        stroke-width={mark.thickness}
        stroke-dasharray={mark.dashed ? (mark.thickness ?? 1) * 3 : undefined}
      />
    {:else if mark.kind === 'line'}
      <line
        x1={mark.x}
        x2={mark.x + mark.width}
        y1={mark.rising ? mark.y + mark.height : mark.y}
        y2={mark.rising ? mark.y : mark.y + mark.height}
        stroke={mark.color}
        stroke-width={mark.thickness}
      />
    {:else if mark.kind === 'ramp'}
      {@const id = `${prefix}-${index}`}
      {@const stops = mark.stops ?? []}
      {#snippet ends()}
        {#each stops as stop, place (place)}
          <stop offset={place / (stops.length - 1)} stop-color={stop} />
        {/each}
      {/snippet}
      {#if mark.radial}
        <radialGradient
          {id}
          gradientUnits="userSpaceOnUse"
          cx={mark.x + mark.width / 2}
          cy={mark.y + mark.height / 2}
          r={Math.hypot(mark.width, mark.height) / 2}>{@render ends()}</radialGradient
        >
      {:else}
        <linearGradient {id} gradientUnits="userSpaceOnUse" {...lineOf(mark)}>{@render ends()}</linearGradient
        >
      {/if}
      <rect x={mark.x} y={mark.y} width={mark.width} height={mark.height} fill="url(#{id})" />
    {:else if mark.kind === 'picture' && mark.source}
      <clipPath id="{prefix}-{index}">
        <rect x={mark.x} y={mark.y} width={mark.width} height={mark.height} />
      </clipPath>
      <image
        {...cropped(mark)}
        href={picture(mark.source)}
        preserveAspectRatio="none"
        clip-path="url(#{prefix}-{index})"
      />
      {#if mark.over}
        <rect
          x={mark.x}
          y={mark.y}
          width={mark.width}
          height={mark.height}
          fill={mark.over}
          fill-opacity={mark.opacity}
        />
      {/if}
    {:else if mark.kind === 'logo'}
      <image
        x={mark.x}
        y={mark.y}
        width={mark.width}
        height={mark.height}
        href={logo(mark, Math.max(16, Math.ceil(mark.width * FINE)))}
        preserveAspectRatio="none"
        transform={turnOf(mark)}
      />
    {/if}
  {/each}
</svg>

<style>
  svg {
    display: block;
    width: 100%;
    font-variant-ligatures: none;
    font-kerning: normal;
  }
</style>
