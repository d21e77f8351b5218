<script lang="ts">
  const ROWS = [
    ['First place', '05:40', '06:25'],
    ['Second place', '06:40', '07:30'],
    ['Third place', '08:05', '09:20'],
    ['Fourth place', '10:15', '11:00'],
  ] as const;
</script>

<table>
  <thead>
    <tr><th>Line</th><th>Out</th><th>Back</th></tr>
  </thead>
  <tbody>
    {#each ROWS as [line, out, back] (line)}
      <tr><td>{line}</td><td>{out}</td><td>{back}</td></tr>
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
  }

  th {
    background: var(--table-head);
    color: var(--on-table-head);
    text-align: start;
  }

  th,
  td {
    padding: 3px 10px;
  }

  th:not(:first-child),
  td:not(:first-child) {
    text-align: end;
  }

  tbody tr:nth-child(even) {
    background: var(--band);
    color: var(--on-band);
  }
</style>
