<script lang="ts">
  import { pictureOf } from '../../api/addresses';
  import { isPicture } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { backgroundOf, markOf } from '../../ui/gradients';
  import { opacityWords } from '../../words/opacity';
  import { ratioShown } from '../../words/ratio';
  import { captionOf, type OnGround } from './logos';

  /** One ground with every form on it in the version that reads there; what does not read is said beneath. */
  interface Props {
    ground: OnGround;
  }

  const { ground }: Props = $props();
  const bench = useBench();

  const composed = $derived(ground.composed);
  const picture = $derived(bench.sheet.sources.filter(isPicture).find(({ id }) => id === composed?.source));
  const field = $derived(
    composed
      ? composed.source
        ? 'none'
        : backgroundOf(composed.stops, composed.radial, composed.angle)
      : (ground.hex ?? 'none'),
  );
  const mark = $derived.by(() => {
    const worst = ground.worst;
    if (!composed || worst?.x === undefined) {
      return undefined;
    }
    return composed.source
      ? { x: worst.x * 100, y: (worst.y ?? 0) * 100 }
      : markOf(worst.x, composed.radial, composed.angle);
  });
  const spoken = $derived(
    ground.shown.map((row) => `${captionOf(row)}, ${ratioShown(row.ratio)} to 1`).join('; '),
  );
</script>

<li data-ground={ground.hex?.slice(1) ?? ground.name}>
  <div class="name">
    <b>{ground.name}</b>
    <span>{ground.hex?.slice(1) ?? (mark ? 'ring: worst place' : '')}</span>
  </div>
  <div>
    <p class="visually-hidden">On {ground.name}: {spoken || 'nothing reads'}.</p>
    <!-- Content; what it says is read out above. -->
    <div
      class="bar"
      inert
      class:pictured={picture}
      style:--ground={field}
      style:--ratio={picture ? picture.width / picture.height : 1}
    >
      {#if picture}<img class="beneath" src={pictureOf(bench.id, picture.id)} alt="" />{/if}
      {#if composed?.laid}
        <i
          style:background={composed.laid.hex}
          style:opacity={composed.laid.alpha}
          title={opacityWords(Math.round(composed.laid.alpha * 100))}
        ></i>
      {/if}
      {#each ground.shown as row (row.form)}
        <figure class={row.corner} data-shown={row.form} data-version={row.version}>
          <img src={bench.logos.picture(row.form, row.version, 400)} alt="" />
          <figcaption>{captionOf(row)}</figcaption>
        </figure>
      {/each}
      {#if ground.shown.length === 0}<em>no form reads on all of it</em>{/if}
      {#if mark}<u style:left="{mark.x}%" style:top="{mark.y}%"></u>{/if}
    </div>
    {#if ground.notes.length > 0}
      <p class="not">
        {#each ground.notes as note (note)}<span>{note}</span>{/each}
      </p>
    {/if}
  </div>
</li>

<style>
  li {
    display: grid;
    grid-template-columns: 96px minmax(0, 1fr);
    gap: 8px;
  }

  .name {
    display: grid;
    align-content: start;
    padding-top: 4px;
    line-height: 17px;
    overflow-wrap: anywhere;
  }

  .name span {
    font: 400 var(--size-small) / 16px var(--code);
  }

  .bar {
    position: relative;
    display: flex;
    gap: 12px;
    align-items: end;
    min-height: 72px;
    padding: 8px 12px 4px;
    overflow: hidden;
    border: var(--hairline);
    background: var(--ground);
  }

  .bar.pictured {
    width: min(100%, calc(240px * var(--ratio)));
    aspect-ratio: var(--ratio);
  }

  .beneath,
  i {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    object-fit: cover;
  }

  figure {
    position: relative;
    display: grid;
    gap: 4px;
    min-width: 0;
  }

  .upper-left,
  .upper-right {
    align-self: start;
  }

  .upper-right,
  .lower-right {
    margin-left: auto;
  }

  .middle {
    margin: auto;
  }

  figure img {
    max-width: 100%;
    height: 38px;
    object-fit: contain;
    object-position: left;
  }

  /* Words about the content, on their own ground so that they are read on every one. */
  figcaption,
  em {
    justify-self: start;
    padding: 0 4px;
    background: var(--board);
    color: var(--ink);
    font-size: 11px;
    font-style: normal;
    line-height: 15px;
    white-space: nowrap;
  }

  em {
    position: relative;
    align-self: center;
  }

  /* Two tones, so that the mark is seen on every ground. */
  u {
    position: absolute;
    width: 18px;
    height: 18px;
    margin: -9px;
    border: 2px solid var(--ink);
    border-radius: 50%;
    outline: 2px solid var(--paper);
  }

  .not {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 6px;
    padding: 2px 6px;
    background: var(--hatch);
    font-size: var(--size-small);
  }

  .not span {
    padding: 0 5px;
    background: var(--board);
    color: var(--ink-2);
  }
</style>
