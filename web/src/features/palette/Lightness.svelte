<script lang="ts">
  import { messageOf } from '../../api/problem';
  import type { Swatch } from '../../api/types';
  import { useBench } from '../../app/bench.svelte';
  import Ticket from '../../ui/Ticket.svelte';

  interface Props {
    swatch: Swatch;
  }

  const { swatch }: Props = $props();
  const bench = useBench();

  /** Long enough to think between two keys, short enough not to wait for it; milliseconds. */
  const QUIET = 500;

  /** Percentage points of lightness that the gesture has come to. */
  let points = $state(0);
  let before = $state.raw<Swatch>();
  let timer: ReturnType<typeof setTimeout> | undefined;

  function oninput(event: Event & { currentTarget: HTMLInputElement }) {
    before ??= swatch;
    points = event.currentTarget.valueAsNumber;
    bench.previewShift(swatch.id, points / 100);
    clearTimeout(timer);
    timer = setTimeout(commit, QUIET);
  }

  /** However many moves it took, the gesture is one step. */
  async function commit() {
    clearTimeout(timer);
    const lightness = points / 100;
    if (!before) {
      return;
    }
    before = undefined;
    points = 0;
    try {
      if (lightness === 0) {
        bench.endPreview();
      } else {
        await bench.shiftSwatch(swatch.id, lightness);
      }
    } catch (error) {
      bench.say(messageOf(error));
    }
  }

  function onkeydown(event: KeyboardEvent) {
    if (event.key === 'Escape' && before) {
      event.stopPropagation();
      clearTimeout(timer);
      before = undefined;
      points = 0;
      bench.endPreview();
    }
  }
</script>

<div>
  <label>
    <span>darker</span>
    <input
      type="range"
      min="-30"
      max="30"
      step="1"
      value={points}
      aria-label="Lightness of {swatch.name}"
      aria-valuetext={points === 0
        ? 'as it is'
        : `${Math.abs(points)} % ${points > 0 ? 'lighter' : 'darker'}`}
      {oninput}
      {onkeydown}
      onpointerup={commit}
      onkeyup={commit}
      onblur={commit}
    />
    <span>lighter</span>
  </label>
  {#if before}
    <span class="before"><Ticket hex={before.hex} ink={before.ink} small /> before</span>
  {/if}
</div>

<style>
  div {
    display: flex;
    gap: 12px;
    align-items: center;
    min-height: 30px;
  }

  label {
    display: flex;
    gap: 6px;
    align-items: center;
  }

  input {
    width: 120px;
    accent-color: var(--ink);
  }

  .before {
    display: flex;
    gap: 6px;
    align-items: center;
  }
</style>
