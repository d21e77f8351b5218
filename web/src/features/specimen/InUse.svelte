<script lang="ts">
  import { useBench } from '../../app/bench.svelte';
  import { eyes } from '../../app/eyes.svelte';
  import { messageOf } from '../../api/problem';
  import Segments from '../../ui/Segments.svelte';
  import { wordsOf } from '../trail/wording';
  import { Before } from './before.svelte';
  import Chart from './Chart.svelte';
  import EyesChoice from './EyesChoice.svelte';
  import Slide from './Slide.svelte';
  import Table from './Table.svelte';

  const bench = useBench();
  const before = new Before(bench.id);

  const MOMENTS = [
    { value: 'now', name: 'now' },
    { value: 'before', name: 'before' },
  ] as const;

  let moment = $state<'now' | 'before'>('now');
  let problem = $state<string>();

  const present = $derived(bench.trial?.specimen ?? bench.brand.specimen);
  const specimen = $derived(moment === 'before' && before.specimen ? before.specimen : present);

  async function show(which: 'now' | 'before') {
    moment = which;
    problem = undefined;
    try {
      await (which === 'before' ? before.open() : undefined);
    } catch (error) {
      problem = messageOf(error);
    }
  }

  async function choose(value: string) {
    try {
      await before.choose(value);
    } catch (error) {
      problem = messageOf(error);
    }
  }
</script>

<aside aria-label="In use">
  <div class="title">
    <h2>In use</h2>
    <Segments label="Show" options={MOMENTS} value={moment} onchange={show} />
  </div>
  {#if moment === 'before'}
    <label>
      <span class="visually-hidden">Before what</span>
      <select value={before.chosen} onchange={(event) => choose(event.currentTarget.value)}>
        <option value={Before.UNBRANDED}>without the brand</option>
        {#each before.steps as step (step.revision)}
          <option value={String(step.revision)}>after: {wordsOf(step.note)}</option>
        {/each}
      </select>
    </label>
  {/if}
  {#if moment === 'now' && bench.trial}
    <p class="trial">{bench.trial.name}, only tried on</p>
  {/if}
  {#if problem}<p role="alert">{problem}</p>{/if}
  <EyesChoice />
  <p class="visually-hidden">
    A slide, a chart with six series and a table with banded rows of {bench.brand.name}, painted from the
    theme as it {moment === 'now' ? 'stands' : 'stood'}.
  </p>
  <div class="sheets" class:seen={eyes.matrix} inert data-specimens data-moment={moment}>
    <Slide {specimen} name={bench.brand.name} />
    <Chart {specimen} />
    <Table {specimen} />
  </div>
</aside>

<style>
  aside {
    grid-area: dock;
    padding: 12px 14px;
    overflow: auto;
    border-left: var(--rule);
    background: var(--well);
  }

  .title {
    display: flex;
    justify-content: space-between;
    align-items: center;
    margin-bottom: 10px;
  }

  select {
    width: 100%;
    margin-bottom: 10px;
  }

  .trial {
    margin-bottom: 10px;
    padding: 4px 8px;
    border: var(--rule);
    border-style: dashed;
  }

  .sheets {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(0, 308px));
    gap: 10px;
    align-items: start;
  }

  .seen {
    filter: url('#eyes');
  }

  @media (max-width: 899px) {
    aside {
      border: 0;
      border-top: var(--rule);
    }
  }
</style>
