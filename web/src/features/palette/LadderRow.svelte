<script lang="ts">
  import { answered, api } from '../../api/client';
  import type { Swatch } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import { Resource } from '../../bench/resource.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import Segments from '../../ui/Segments.svelte';

  interface Props {
    swatch: Swatch;
  }

  const { swatch }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  const COUNTS = [3, 5, 7, 9, 11, 13, 15];

  let count = $state(9);

  const asked = new Resource(() => {
    const params = { path: { code: swatch.hex.slice(1) }, query: { steps: count } };
    return {
      key: `${swatch.hex.slice(1)} ${count}`,
      ask: (signal) => answered(api.GET('/api/color/{code}/ladder', { params, signal })),
    };
  });
  const ladder = $derived(asked.value);

  const TAKEN = [
    { value: 'own', name: 'as a swatch of its own' },
    { value: 'step', name: 'following its base' },
  ] as const;

  let taken = $state<'own' | 'step'>('own');

  async function take(hex: string, away: number) {
    const origin = { source: `ladder of ${swatch.name}` };
    await doing.once(async () => {
      await bench.palette.addSwatches([
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
    });
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
  <Complaint text={doing.problem ?? asked.problem} />
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
