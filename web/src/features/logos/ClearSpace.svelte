<script lang="ts">
  import type { LogoForm, LogoMeasures } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import { formName } from '../../words/logos';
  import { whereabouts } from './logos';

  /** How much room a form wants and how small it may be, shown on it. */
  interface Props {
    form: LogoForm;
  }

  const { form }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  let choosing = $state(false);

  const kept = $derived<LogoMeasures>({
    ...(form.clearChosen ? { clear: form.clear } : {}),
    ...(form.millimetresChosen ? { millimetres: form.millimetres } : {}),
    ...(form.pixelsChosen ? { pixels: form.pixels } : {}),
  });
  const room = $derived({ x: (form.clear / form.ratio) * 100, y: form.clear * 100 });

  function measure(change: LogoMeasures) {
    void doing.do(() => bench.logos.measure(form.form, { ...kept, ...change }));
  }

  function typed(event: Event & { currentTarget: HTMLInputElement }, as: (value: number) => LogoMeasures) {
    const value = event.currentTarget.valueAsNumber;
    if (Number.isFinite(value)) {
      measure(as(value));
    }
  }
</script>

<div class="page">
  <div
    class="field"
    style:--ratio={(form.ratio + 2 * form.clear) / (1 + 2 * form.clear)}
    style:--x="{(form.clear / (form.ratio + 2 * form.clear)) * 100}%"
    style:--y="{(form.clear / (1 + 2 * form.clear)) * 100}%"
    data-room={Math.round(room.y)}
  >
    <div class="logo">
      <img src={bench.logos.picture(form.form, 'light', 800)} alt={formName(form.form)} />
      {#if choosing}
        {#each form.pieces as piece, index (index)}
          <button
            type="button"
            aria-label="As much room as part {index + 1} is high, {whereabouts(piece)}"
            style:left="{piece.x * 100}%"
            style:top="{piece.y * 100}%"
            style:width="{piece.width * 100}%"
            style:height="{piece.height * 100}%"
            onclick={() => {
              choosing = false;
              measure({ clear: Math.min(2, Math.round(piece.height * 1000) / 1000) });
            }}
          ></button>
        {/each}
      {/if}
    </div>
  </div>
</div>
<div class="sizes">
  <label>
    Room around it
    <input
      type="number"
      min="0"
      max="200"
      value={Math.round(form.clear * 100)}
      onchange={(event) => typed(event, (value) => ({ clear: value / 100 }))}
    />
    % of its height{form.clearChosen ? '' : ', measured'}
  </label>
  {#if form.pieces.length > 1}
    <Button look="quiet" aria-pressed={choosing} onclick={() => (choosing = !choosing)}
      >{choosing ? 'Press a letter or a part' : 'As high as a letter'}</Button
    >
  {/if}
  <label>
    Not under
    <input
      type="number"
      min="1"
      max="500"
      step="0.5"
      value={Math.round(form.millimetres * 10) / 10}
      onchange={(event) => typed(event, (millimetres) => ({ millimetres }))}
    />
    mm wide in print{form.millimetresChosen ? '' : ', measured'}
  </label>
  <label>
    Not under
    <input
      type="number"
      min="1"
      max="2000"
      value={form.pixels}
      onchange={(event) => typed(event, (value) => ({ pixels: Math.round(value) }))}
    />
    px wide on a screen{form.pixelsChosen ? '' : ', measured'}
  </label>
  {#if form.clearChosen || form.millimetresChosen || form.pixelsChosen}
    <Button look="quiet" onclick={() => doing.do(() => bench.logos.measure(form.form, {}))}
      >Measure again</Button
    >
  {/if}
</div>
<p class="small">
  Measured from the mark: room as high as its letters; its thinnest stroke no thinner than 0.2 mm in print and
  1 px on a screen.
</p>
<Complaint text={doing.problem} />

<style>
  .page {
    display: grid;
    place-items: center;
    padding: 10px;
    background: var(--paper);
  }

  .field {
    position: relative;
    width: min(100%, 420px, calc(220px * var(--ratio)));
    aspect-ratio: var(--ratio);
    border: 1.5px dashed var(--ink-2);
  }

  .logo {
    position: absolute;
    inset: var(--y) var(--x);
    outline: 1px solid var(--hair);
  }

  img {
    display: block;
    width: 100%;
    height: 100%;
  }

  .logo button {
    position: absolute;
    min-width: 0;
    min-height: 0;
    border: 1.5px dashed var(--ink);
  }

  .logo button:hover {
    background: rgb(0 0 0 / 25%);
  }

  .sizes {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 18px;
    align-items: center;
    margin-top: 8px;
  }

  input {
    width: 64px;
    min-height: 28px;
    padding: 2px 4px;
    border: var(--rule);
    background: var(--paper);
    font: 400 var(--size-small) / 16px var(--code);
  }

  .small {
    color: var(--ink-2);
    font-size: var(--size-small);
  }
</style>
