<script lang="ts">
  import type { Chart } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import { Resource } from '../../bench/resource.svelte';
  import type { Carrying } from '../carry/carrying.svelte';
  import Button from '../../ui/Button.svelte';

  interface Props {
    carrying: Carrying;
  }

  const { carrying }: Props = $props();
  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  const COUNTS = [3, 4, 6, 8, 12] as const;
  const VIEWERS: Record<Chart['viewers'][number]['eyes'], string> = {
    normal: 'full colour vision',
    protan: 'little red (protan)',
    deutan: 'little green (deutan)',
    tritan: 'little blue (tritan)',
    grey: 'grey, as copied',
  };

  let count = $state(6);

  /** Judged anew whenever the brand has changed. */
  const judged = new Resource(() => {
    const series = count;
    return {
      key: `${bench.brand.revision} ${series}`,
      ask: (signal) => bench.roles.chart(series, signal),
    };
  });
  const chart = $derived(judged.value);
  const holders = $derived(bench.roles.holders('chart'));

  async function improve() {
    await doing.do(async () => {
      const before = holders.join();
      await carrying.order(() => ({
        what: 'The series stand in the order in which they are told apart best',
        look: () => bench.roles.tryBetterChart(),
        carry: async () => {
          await bench.roles.improveChart();
          bench.say(
            bench.roles.holders('chart').join() === before
              ? 'This order is the best there is already.'
              : 'The series stand in the order in which they are told apart best.',
            true,
          );
        },
      }));
    });
  }

  function apartWords({ toldApart, eyes }: Chart['viewers'][number]): string {
    switch (toldApart) {
      case 'all':
        return 'yes';
      case 'neighbours':
        return 'side by side only';
      case 'no':
        return eyes === 'grey' ? 'no, use patterns or labels' : 'no';
    }
  }

  function shown(difference: number | undefined): string {
    return difference === undefined ? 'one series' : `${difference.toFixed(1)} ΔE`;
  }
</script>

<section aria-label="Chart order">
  <div class="title">
    <h2>How the series are told apart</h2>
    <label>
      <select bind:value={count} aria-label="Series to judge">
        {#each COUNTS as each (each)}<option value={each}>{each} series</option>{/each}
      </select>
    </label>
    <Button disabled={holders.length < 3} onclick={improve}>Improve the order</Button>
  </div>
  {#if chart && chart.series.length > 0}
    <ol aria-label="Series in their order">
      {#each chart.series as series, index (index)}
        <li style:--color={series.hex} style:--on={series.ink}>
          {series.hex.slice(1)}{series.madeOut ? '' : ' faint'}
        </li>
      {/each}
    </ol>
    <p>
      {chart.series.length > holders.length
        ? `From the ${holders.length + 1}th on they are steps of the first: lighter, darker, lighter still. `
        : ''}'Faint' has less than 3:1 on white.
    </p>
    <table>
      <thead>
        <tr>
          <th scope="col">Seen with</th>
          <th scope="col">Nearest neighbours</th>
          <th scope="col">Nearest of all</th>
          <th scope="col">Told apart</th>
        </tr>
      </thead>
      <tbody>
        {#each chart.viewers as viewer (viewer.eyes)}
          <tr>
            <th scope="row">{VIEWERS[viewer.eyes]}</th>
            <td>{shown(viewer.neighbours)}</td>
            <td>{shown(viewer.all)}</td>
            <td>{apartWords(viewer)}</td>
          </tr>
        {/each}
      </tbody>
    </table>
  {:else}
    <p>Give 'Chart series' to some colours above, and this says how well they are told apart.</p>
  {/if}
</section>

<style>
  section {
    margin-top: 20px;
  }

  .title {
    display: flex;
    gap: 12px;
    align-items: center;
    margin-bottom: 8px;
  }

  h2 {
    flex: 1;
  }

  ol {
    display: flex;
    border: var(--hairline);
  }

  li {
    flex: 1;
    min-width: 0;
    height: 36px;
    padding: 4px 2px;
    overflow: hidden;
    background: var(--color);
    color: var(--on);
    font: 500 11px / 14px var(--code);
    text-align: center;
  }

  p {
    margin: 4px 0 8px;
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  table {
    width: 100%;
    border-collapse: collapse;
  }

  tr {
    border-bottom: var(--hairline);
  }

  th,
  td {
    padding: 4px 12px 4px 0;
    text-align: start;
  }

  tbody th {
    font-weight: 400;
  }
</style>
