<script lang="ts">
  import { pictureOf } from '../../api/addresses';
  import type { PictureSource } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import { typeVars } from '../../words/lettering';
  import TextFrame from './TextFrame.svelte';
  import type { OverlayState } from './overlay.svelte';
  import { markOf } from '../../ui/gradients';
  import { worstWords } from './overlays';

  /** The ground with what is laid over it and the text on top, and where that is hardest to read. */
  interface Props {
    laid: OverlayState;
    /** Beneath, instead of a gradient. */
    picture: PictureSource | undefined;
  }

  const { laid, picture }: Props = $props();
  const bench = useBench();

  const specimen = $derived(bench.specimen);

  /** Where the mark of the worst place stands, in percent of the field. */
  const mark = $derived.by(() => {
    const { worst } = laid;
    if (worst?.x !== undefined && worst.y !== undefined && picture) {
      return { x: (worst.x / picture.width) * 100, y: (worst.y / picture.height) * 100 };
    }
    return worst?.place === undefined ? undefined : markOf(worst.place, laid.shape === 'radial', laid.angle);
  });
</script>

<div
  class="field"
  data-field
  style:--ground={picture ? 'none' : laid.ground}
  style:--ratio={picture ? picture.width / picture.height : 3}
  style:--overlay={laid.overlay ?? 'transparent'}
  style:--opacity={laid.overlay ? laid.opacity / 100 : 0}
  style:--on={laid.text}
  style={typeVars(specimen)}
>
  {#if picture}<img src={pictureOf(bench.id, picture.id)} alt="" />{/if}
  <i class="laid"></i>
  <!-- Content, painted in the brand's colours. -->
  <p
    inert
    class:framed={picture}
    style:left={picture ? `${laid.frame.place.x * 100}%` : undefined}
    style:top={picture ? `${laid.frame.place.y * 100}%` : undefined}
    style:width={picture ? `${laid.frame.place.width * 100}%` : undefined}
    style:height={picture ? `${laid.frame.place.height * 100}%` : undefined}
  >
    <b>Summer is near</b><span>New times from 1 May, every hour until dusk</span>
  </p>
  {#if picture}<TextFrame frame={laid.frame} />{/if}
  {#if mark}<em style:left="{mark.x}%" style:top="{mark.y}%"></em>{/if}
</div>
<p role="status" class="worst" class:stale={laid.stale} aria-busy={laid.stale}>
  {#if laid.worst && picture && laid.anywhere}
    Where the text stands: {worstWords(laid.worst)}
    <br /><span>Anywhere on the picture: {worstWords(laid.anywhere)}</span>
  {:else}
    {laid.worst ? worstWords(laid.worst) : 'Judging…'}
  {/if}
</p>
<Complaint text={laid.problem} />

<style>
  .field {
    position: relative;
    width: min(100%, calc(400px * var(--ratio)));
    aspect-ratio: var(--ratio);
    overflow: hidden;
    border: var(--hairline);
    background: var(--ground);
  }

  img {
    position: absolute;
    width: 100%;
    height: 100%;
  }

  .laid {
    position: absolute;
    inset: 0;
    background: var(--overlay);
    opacity: var(--opacity);
  }

  .field p {
    position: absolute;
    inset: auto 0 12% 24px;
    display: grid;
    gap: 4px;
    color: var(--on);
    font: var(--body-style) var(--body-weight) 14px / 20px var(--body);
    letter-spacing: var(--body-tracking);
    text-transform: var(--body-case);
  }

  .field .framed {
    inset: auto;
    align-content: center;
    padding: 6px 12px;
    overflow: hidden;
  }

  .worst span {
    font-weight: 400;
  }

  b {
    font: var(--heading-style) var(--heading-weight) 28px / 34px var(--heading);
    letter-spacing: var(--heading-tracking);
    text-transform: var(--heading-case);
  }

  /* Two tones, so that the mark is seen on every ground. */
  em {
    position: absolute;
    width: 22px;
    height: 22px;
    margin: -11px;
    border: 2px solid var(--ink);
    border-radius: 50%;
    outline: 2px solid var(--paper);
  }

  .worst {
    margin: 8px 0 12px;
    font-weight: 600;
  }

  .stale {
    color: var(--ink-2);
    font-weight: 400;
  }
</style>
