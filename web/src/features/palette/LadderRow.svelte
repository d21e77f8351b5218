<script lang="ts">
  import { answered, api } from '../../api/client';
  import { messageOf } from '../../api/problem';
  import type { Ladder, Swatch } from '../../api/types';
  import { useBench } from '../../app/bench.svelte';
  import { LatestOnly } from '../../app/latest';
  import Complaint from '../../ui/Complaint.svelte';
  import Segments from '../../ui/Segments.svelte';

  interface Props {
    swatch: Swatch;
  }

  const { swatch }: Props = $props();
  const bench = useBench();

  const COUNTS = [3, 5, 7, 9, 11, 13, 15];

  let count = $state(9);
  let ladder = $state.raw<Ladder>();
  let problem = $state<string>();

  const latest = new LatestOnly<Ladder>((answer) => (ladder = answer));

  $effect(() => {
    const code = swatch.codes.hex;
    const steps = count;
    latest.ask(() =>
      answered(api.GET('/api/color/{code}/ladder', { params: { path: { code }, query: { steps } } })),
    );
  });

  const TAKEN = [
    { value: 'own', name: 'as a swatch of its own' },
    { value: 'step', name: 'following its base' },
  ] as const;

  let taken = $state<'own' | 'step'>('own');

  async function take(hex: string, away: number) {
    problem = undefined;
    const origin = { source: `ladder of ${swatch.name}` };
    try {
      await bench.addSwatches([
        taken === 'own'
          ? { hex, origin }
          : { hex, origin, step: { base: swatch.id, away }, group: 'Extended' },
      ]);
      bench.say(
        taken === 'own'
          ? `${hex.slice(1)} of the ladder of ${swatch.name} is a swatch now.`
          : `${hex.slice(1)} stands in Extended and follows ${swatch.name}.`,
        true,
      );
    } catch (error) {
      problem = messageOf(error);
    }
  }
</script>

<div class="ladder">
  <p>
    <b>Ladder</b>
    <label>
      <select bind:value={count} aria-label="Steps of the ladder of {swatch.name}">
        {#each COUNTS as steps (steps)}<option value={steps}>{steps} steps</option>{/each}
      </select>
    </label>
    <span>a click takes a step</span>
    <Segments
      label="How a step of {swatch.name} is taken"
      options={TAKEN}
      value={taken}
      onchange={(how) => (taken = how)}
    />
  </p>
  {#if ladder}
    <ul aria-label="Ladder of {swatch.name}">
      {#each ladder.steps as step, index (index)}
        <li>
          <button
            type="button"
            disabled={index === ladder.base}
            aria-label={index === ladder.base
              ? `${step.hex.slice(1)}, ${swatch.name} itself`
              : `Take ${step.hex.slice(1)}`}
            style:--color={step.hex}
            style:--on={step.ink}
            onclick={() => take(step.hex, step.away)}
          >
            {step.hex.slice(1)}{#if index === ladder.base}<span aria-hidden="true">■</span>{/if}
          </button>
        </li>
      {/each}
    </ul>
  {/if}
  <Complaint text={problem} />
</div>

<style>
  .ladder {
    grid-column: 1 / -1;
  }

  p {
    display: flex;
    gap: 10px;
    align-items: center;
    margin-bottom: 4px;
    font-size: var(--size-small);
  }

  p span {
    color: var(--ink-2);
  }

  select {
    font-size: var(--size-small);
  }

  ul {
    display: flex;
    border: var(--hairline);
  }

  li {
    flex: 1;
    min-width: 0;
  }

  button {
    width: 100%;
    height: 36px;
    padding: 4px 2px;
    overflow: hidden;
    background: var(--color);
    color: var(--on);
    font: 500 11px / 14px var(--code);
    text-align: center;
  }

  button span {
    display: block;
    font-size: 8px;
    line-height: 8px;
  }
</style>
