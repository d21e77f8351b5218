<script lang="ts">
  import type { Specimen } from '../../api/types';

  /** A table by colours: a plan whose cells say by their accent whose they are. */
  interface Props {
    specimen: Specimen;
  }

  const { specimen }: Props = $props();

  const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri'] as const;
  /** Numbers of accents from 1; 0 is nobody's. */
  const PLAN = [
    { boat: 'Gull', days: [1, 1, 2, 0, 3] },
    { boat: 'Tern', days: [4, 0, 2, 5, 5] },
    { boat: 'Skua', days: [0, 6, 6, 1, 3] },
  ] as const;
</script>

<table>
  <thead>
    <tr>
      <th>Boat</th>
      {#each DAYS as day (day)}<th>{day}</th>{/each}
    </tr>
  </thead>
  <tbody>
    {#each PLAN as { boat, days } (boat)}
      <tr>
        <td>{boat}</td>
        {#each days as accent, day (day)}
          {#if accent > 0}
            <td style:background={specimen.accents[accent - 1]} style:color={specimen.onAccents[accent - 1]}>
              A{accent}
            </td>
          {:else}
            <td>-</td>
          {/if}
        {/each}
      </tr>
    {/each}
  </tbody>
</table>

<style>
  table {
    width: 100%;
    border-collapse: collapse;
    background: var(--page1);
    color: var(--text1);
    font: var(--body-style) var(--body-weight) 12px / 18px var(--body);
    letter-spacing: var(--body-tracking);
    text-transform: var(--body-case);
    table-layout: fixed;
  }

  th {
    background: var(--table-head);
    color: var(--on-table-head);
  }

  th,
  td {
    padding: 4px 10px;
    border: 1px solid var(--page1);
    text-align: center;
  }

  th:first-child,
  td:first-child {
    text-align: start;
  }
</style>
