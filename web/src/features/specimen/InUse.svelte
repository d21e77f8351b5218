<script lang="ts">
  import Complaint from '../../ui/Complaint.svelte';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import { FileDrop } from '../../ui/filedrop.svelte';
  import Segments from '../../ui/Segments.svelte';
  import { wordsOf } from '../../words/trail';
  import { Before } from './before.svelte';
  import EyesChoice from './EyesChoice.svelte';
  import OwnPage from './OwnPage.svelte';
  import Sheets from './Sheets.svelte';
  import WholeWindow from './WholeWindow.svelte';

  const bench = useBench();
  const doing = new Doing();
  const before = new Before(bench.id);

  const MOMENTS = [
    { value: 'now', name: 'now' },
    { value: 'before', name: 'before' },
  ] as const;

  let moment = $state<'now' | 'before'>('now');
  let whole = $state(false);

  const present = $derived(bench.trial?.specimen ?? bench.specimen);
  const others = $derived(bench.brand.themes.filter(({ id }) => id !== bench.theme.id));
  /** Another theme of the brand is as it stands, so it is not read from the trail. */
  const other = $derived(others.find(({ id }) => before.chosen === Before.theme(id)));
  const past = $derived(other?.specimen ?? before.specimen);
  const specimen = $derived(moment === 'before' ? (past ?? present) : present);
  const step = $derived(before.steps.find(({ revision }) => String(revision) === before.chosen));
  const beforeWords = $derived(
    other ? `theme ${other.name}` : step ? `after: ${wordsOf(step.note)}` : 'without the brand',
  );

  async function show(which: 'now' | 'before') {
    moment = which;
    await doing.do(async () => {
      await (which === 'before' ? before.open(bench.theme.id) : undefined);
    });
  }

  /** What is dropped here is shown here, and not only taken in. */
  const files = new FileDrop((dropped) => void bench.showOwn(dropped));

  async function choose(value: string) {
    await doing.do(async () => {
      await before.choose(value, bench.theme.id);
    });
  }
</script>

<aside
  aria-label="In use"
  class:over={files.over}
  ondragenter={files.enter}
  ondragover={files.enter}
  ondragleave={files.leave}
  ondrop={files.drop}
>
  <div class="title">
    <h2>In use</h2>
    <Button look="quiet" onclick={() => (whole = true)}
      >widen<span class="visually-hidden">&nbsp;to the whole window</span></Button
    >
    <span class="gap"></span>
    <Segments label="Show" options={MOMENTS} value={moment} onchange={show} />
  </div>
  {#if moment === 'before'}
    <label>
      <span class="visually-hidden">Beside what</span>
      <select value={before.chosen} onchange={(event) => choose(event.currentTarget.value)}>
        <option value={Before.UNBRANDED}>without the brand</option>
        {#each others as { id, name } (id)}
          <option value={Before.theme(id)}>theme {name}</option>
        {/each}
        {#each before.steps as step (step.revision)}
          <option value={String(step.revision)}>after: {wordsOf(step.note)}</option>
        {/each}
      </select>
    </label>
  {/if}
  {#if moment === 'now' && bench.trial}
    <p class="trial">{bench.trial.name}, only tried on</p>
  {/if}
  <Complaint text={doing.problem} />
  <EyesChoice />
  <OwnPage {moment} />
  <p class="visually-hidden">
    Slides, charts, a table with banded rows, a letter, a post and a web page of {bench.brand.name}, painted
    from the theme as it {moment === 'now' ? 'stands' : 'stood'}.
  </p>
  <Sheets {specimen} name={bench.brand.name} {moment} />
</aside>

{#if whole}
  <WholeWindow
    now={present}
    before={past}
    {beforeWords}
    name={bench.brand.name}
    beside={moment === 'before'}
    onbeside={() => before.open(bench.theme.id)}
    onclose={() => (whole = false)}
  />
{/if}

<style>
  aside {
    grid-area: dock;
    padding: 12px 14px;
    position: relative;
    overflow: auto;
    border-left: var(--rule);
    background: var(--well);
  }

  .over {
    outline: 3px solid var(--ink);
    outline-offset: -3px;
  }

  .title {
    display: flex;
    gap: 8px;
    align-items: center;
    margin-bottom: 10px;
  }

  .gap {
    flex: 1;
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

  @media (max-width: 899px) {
    aside {
      border: 0;
      border-top: var(--rule);
    }
  }
</style>
