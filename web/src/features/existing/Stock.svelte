<script lang="ts">
  import type { Mood } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import type { Recolouring } from '../../bench/recolouring.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import Ticket from '../../ui/Ticket.svelte';

  /** Which colours are dealt, and by what they are chosen. */
  interface Props {
    recolouring: Recolouring;
  }

  const { recolouring }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  const MOODS: readonly Mood[] = ['cooler', 'warmer', 'quieter', 'livelier', 'darker', 'lighter', 'earthier'];
  const usable = $derived(bench.brand.swatches.filter(({ offLimits }) => !offLimits));
  /** Colours of the slots that are no swatches. */
  const slots = $derived(
    bench.theme.slots
      .filter(({ hex }) => hex && !bench.brand.swatches.some((swatch) => swatch.hex === hex))
      .filter(({ hex }, place, all) => all.findIndex((other) => other.hex === hex) === place)
      .map(({ slot, hex, ink }) => ({ name: slot, hex: hex ?? '', ink: ink ?? '' })),
  );
  const offered = $derived([...usable, ...slots].map(({ name, hex, ink }) => ({ name, hex, ink })));
  const chosen = $derived(recolouring.colors.length > 0 ? recolouring.colors : usable.map(({ hex }) => hex));

  function again() {
    void doing.do(() => recolouring.deal());
  }

  function toggle(hex: string) {
    const next = chosen.includes(hex) ? chosen.filter((other) => other !== hex) : [...chosen, hex];
    if (next.length > 0) {
      recolouring.colors = next;
      again();
    }
  }

  function count(text: string) {
    const value = Number(text);
    if (Number.isFinite(value) && value >= 0 && value <= 30) {
      recolouring.difference = value;
      void doing.do(() => recolouring.begin());
    }
  }
</script>

<section aria-label="What is dealt">
  <div class="row" role="group" aria-label="Colours that are dealt">
    {#each offered as { name, hex, ink } (`${name} ${hex}`)}
      <button
        type="button"
        aria-pressed={chosen.includes(hex)}
        aria-label="{name}, {hex.slice(1)}"
        title={name}
        onclick={() => toggle(hex)}
      >
        <Ticket {hex} {ink} small />
      </button>
    {/each}
  </div>
  <div class="row">
    <label>
      <input type="checkbox" bind:checked={recolouring.steps} onchange={again} />
      and steps of their ladders, for shades and where there are too few
    </label>
    <label>
      Mood
      <select bind:value={recolouring.mood} onchange={again}>
        <option value={undefined}>as it is</option>
        {#each MOODS as mood (mood)}<option value={mood}>{mood}</option>{/each}
      </select>
    </label>
    <label>
      Colours count as one up to ΔE
      <input
        type="number"
        min="0"
        max="30"
        step="0.5"
        value={recolouring.difference}
        onchange={(event) => count(event.currentTarget.value)}
      />
    </label>
  </div>
  <Complaint text={doing.problem} />
</section>

<style>
  section {
    margin-bottom: 10px;
    padding: 8px 10px;
    border: var(--rule);
    background: var(--paper);
  }

  .row {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 6px 16px;
  }

  .row + .row {
    margin-top: 8px;
  }

  button {
    padding: 2px;
    border-bottom: 3px solid transparent;
  }

  button[aria-pressed='true'] {
    border-bottom-color: var(--ink);
  }

  label {
    display: inline-flex;
    align-items: center;
    gap: 6px;
  }

  input[type='number'] {
    width: 58px;
  }

  input[type='number'],
  select {
    min-height: 28px;
    padding: 2px 4px;
    border: var(--rule);
    background: var(--board);
  }
</style>
