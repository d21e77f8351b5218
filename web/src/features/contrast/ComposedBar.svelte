<script lang="ts">
  import { pictureOf } from '../../api/addresses';
  import type { ComposedGround, Specimen } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { typeVars } from '../../words/lettering';
  import { colorName, standingWords } from './contrast';
  import { backgroundOf, markOf } from '../../ui/gradients';
  import { worstWords } from './overlays';
  import { ratioShown } from '../../words/ratio';

  /** A gradient or picture of the brand as a ground, judged at the worst place of each text. */
  interface Props {
    ground: ComposedGround;
    specimen: Specimen;
    onopen: () => void;
  }

  const { ground, specimen, onopen }: Props = $props();
  const bench = useBench();

  /** Where the mark of the worst place stands, in percent of the bar. */
  const mark = $derived(
    ground.worst?.place === undefined ? undefined : markOf(ground.worst.place, ground.radial, ground.angle),
  );
  /** A picture that is off the sheet stays kept, but cannot be shown. */
  const picture = $derived(bench.sheet.sources.find(({ id }) => id === ground.source));
  const verdict = $derived.by(() => {
    if (ground.worst) {
      return worstWords(ground.worst);
    }
    return picture ? 'Over a picture, judged when it is opened.' : 'Its picture is off the sheet.';
  });
  const spoken = $derived(
    ground.may.map(({ color, ratio }) => `${colorName(color)}, ${ratioShown(ratio)} to 1`).join('; '),
  );
</script>

<li>
  <div class="name">
    <b>{ground.name}</b>
    <button type="button" onclick={onopen}
      >open<span class="visually-hidden">&nbsp;{ground.name}</span></button
    >
  </div>
  <div>
    <div
      class="bar"
      inert
      style:--ground={ground.source ? 'none' : backgroundOf(ground.stops, ground.radial, ground.angle)}
      style:--overlay={ground.overlay?.hex ?? 'transparent'}
      style:--opacity={ground.overlay?.alpha ?? 0}
      style={typeVars(specimen)}
    >
      {#if picture}<img src={pictureOf(bench.id, picture.id)} alt="" />{/if}
      <i></i>
      <span style:--on={ground.text.hex}>
        <b>Summer is near</b><small>{colorName(ground.text)}, as it is used</small>
      </span>
      {#each ground.may.filter(({ used }) => !used) as { color, ratio } (color.hex)}
        <span style:--on={color.hex}><small>{colorName(color)} {ratioShown(ratio)}</small></span>
      {/each}
      {#if mark}<em style:left="{mark.x}%" style:top="{mark.y}%"></em>{/if}
    </div>
    <p class:fails={ground.worst && !ground.worst.largeText}>
      <span class="visually-hidden">On {ground.name} may stand: {spoken || 'nothing that was judged'}.</span>
      {verdict}
      {#if ground.mayNot.length > 0}
        Not: {ground.mayNot
          .map((standing) => `${colorName(standing.color)} ${standingWords(standing)}`)
          .join('; ')}.
      {/if}
    </p>
  </div>
</li>

<style>
  li {
    display: grid;
    grid-template-columns: 104px minmax(0, 1fr);
  }

  .name {
    display: grid;
    align-content: start;
    justify-items: start;
    padding-top: 4px;
    line-height: 17px;
  }

  button {
    min-height: 24px;
    font-size: var(--size-small);
    text-decoration: underline;
    text-underline-offset: 3px;
  }

  .bar {
    position: relative;
    display: flex;
    flex-wrap: wrap;
    gap: 2px 18px;
    align-items: baseline;
    min-height: 56px;
    padding: 12px;
    overflow: hidden;
    border: var(--hairline);
    background: var(--ground);
  }

  img,
  i {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    object-fit: cover;
  }

  i {
    background: var(--overlay);
    opacity: var(--opacity);
  }

  .bar span {
    position: relative;
    color: var(--on);
  }

  .bar b {
    margin-right: 8px;
    font: var(--heading-style) var(--heading-weight) 18px / 24px var(--heading);
    letter-spacing: var(--heading-tracking);
    text-transform: var(--heading-case);
  }

  small {
    font: var(--body-style) var(--body-weight) 12px / 18px var(--body);
    letter-spacing: var(--body-tracking);
    text-transform: var(--body-case);
  }

  /* Two tones, so that the mark is seen on every ground. */
  em {
    position: absolute;
    width: 18px;
    height: 18px;
    margin: -9px;
    border: 2px solid var(--ink);
    border-radius: 50%;
    outline: 2px solid var(--paper);
  }

  p {
    padding: 2px 6px;
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  .fails {
    padding-left: 13px;
    background: var(--hatch) left / 7px 100% no-repeat;
    color: var(--ink);
    font-weight: 700;
  }
</style>
