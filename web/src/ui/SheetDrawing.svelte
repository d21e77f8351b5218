<script lang="ts">
  import type { GuideBox, GuidePage, ShownLogo } from '../api/types';

  /** A page of the guide as it will print: the same list of marks that goes into every file, painted as it comes. */
  interface Props {
    page: GuidePage;
    /** Address of a version of a logo, so many pixels wide. */
    logo: (logo: ShownLogo, width: number) => string;
    /** Address of a picture on the sheet of sources. */
    picture: (source: string) => string;
    /** What is said in place of it. */
    label: string;
  }

  const { page, logo, picture, label }: Props = $props();

  /** Pixels to a point that logos are fetched in. */
  const FINE = 2;
  const LEAST = 16;

  const prefix = $props.id();

  /** The line of a gradient. Source: W3C CSS Images Level 3, 3.1. */
  function lineOf({ x, y, width, height }: GuideBox, angle: number) {
    const radians = (angle * Math.PI) / 180;
    const half = (Math.abs(width * Math.sin(radians)) + Math.abs(height * Math.cos(radians))) / 2;
    const [dx, dy] = [Math.sin(radians) * half, -Math.cos(radians) * half];
    const [cx, cy] = [x + width / 2, y + height / 2];
    return { x1: cx - dx, y1: cy - dy, x2: cx + dx, y2: cy + dy };
  }

  function turnOf({ x, y, width, height }: GuideBox, turned: number): string | undefined {
    return turned ? `rotate(${turned} ${x + width / 2} ${y + height / 2})` : undefined;
  }

  /** Where the whole picture lies, so that its crop fills the box. */
  function wholeOf({ x, y, width, height }: GuideBox, [left = 0, top = 0, wide = 1, tall = 1]: number[]) {
    const [full, high] = [width / wide, height / tall];
    return { x: x - left * full, y: y - top * high, width: full, height: high };
  }

  function insetOf({ x, y, width, height }: GuideBox, by: number) {
    return {
      x: x + by,
      y: y + by,
      width: Math.max(0, width - 2 * by),
      height: Math.max(0, height - 2 * by),
    };
  }
</script>

<svg viewBox="0 0 {page.width} {page.height}" role="img" aria-label={label}>
  <rect width={page.width} height={page.height} fill={page.ground} />
  {#each page.marks as mark, index (index)}
    {@const { box, color, words, stroke, ramp } = mark}
    {#if words}
      <text
        x={box.x}
        y={words.baseline}
        fill={color}
        textLength={box.width > 0 ? box.width : undefined}
        lengthAdjust="spacingAndGlyphs"
        style:font-family="'{words.family}'"
        style:font-weight={words.weight}
        style:font-style={words.italic ? 'italic' : undefined}
        style:font-size="{words.size}px"
        style:letter-spacing={words.tracking ? `${words.tracking / 1000}em` : undefined}>{words.text}</text
      >
    {:else if stroke?.across}
      <line
        x1={box.x}
        x2={box.x + box.width}
        y1={stroke.across === 'rising' ? box.y + box.height : box.y}
        y2={stroke.across === 'rising' ? box.y : box.y + box.height}
        stroke={color}
        stroke-width={stroke.thickness}
      />
    {:else if stroke}
      <rect
        {...insetOf(box, stroke.thickness / 2)}
        fill="none"
        stroke={color}
        stroke-width={stroke.thickness}
        stroke-dasharray={stroke.dashed ? stroke.thickness * 3 : undefined}
      />
    {:else if ramp}
      {@const id = `${prefix}-${index}`}
      {#snippet ends()}
        {#each ramp.stops as stop, place (place)}
          <stop offset={place / (ramp.stops.length - 1)} stop-color={stop} />
        {/each}
      {/snippet}
      {#if ramp.radial}
        <radialGradient
          {id}
          gradientUnits="userSpaceOnUse"
          cx={box.x + box.width / 2}
          cy={box.y + box.height / 2}
          r={Math.hypot(box.width, box.height) / 2}>{@render ends()}</radialGradient
        >
      {:else}
        <linearGradient {id} gradientUnits="userSpaceOnUse" {...lineOf(box, ramp.angle)}
          >{@render ends()}</linearGradient
        >
      {/if}
      <rect {...box} fill="url(#{id})" />
    {:else if mark.picture}
      <clipPath id="{prefix}-{index}"><rect {...box} /></clipPath>
      <image
        {...wholeOf(box, mark.picture.crop)}
        href={picture(mark.picture.source)}
        preserveAspectRatio="none"
        clip-path="url(#{prefix}-{index})"
      />
      {#if mark.picture.over}
        <rect {...box} fill={mark.picture.over} fill-opacity={mark.picture.opacity} />
      {/if}
    {:else if mark.logo}
      <image
        {...box}
        href={logo(mark.logo, Math.max(LEAST, Math.ceil(box.width * FINE)))}
        preserveAspectRatio="none"
        transform={turnOf(box, mark.logo.turned)}
      />
    {:else}
      <rect {...box} fill={color} />
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
