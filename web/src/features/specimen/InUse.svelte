<script lang="ts">
  import type { Specimen } from '../../api/types';
  import Chart from './Chart.svelte';
  import Slide from './Slide.svelte';
  import Table from './Table.svelte';

  interface Props {
    specimen: Specimen;
    name: string;
  }

  const { specimen, name }: Props = $props();
</script>

<aside aria-label="In use">
  <h2>In use</h2>
  <p class="visually-hidden">
    A slide, a chart with six series and a table with banded rows of {name}, painted from the theme as it
    stands.
  </p>
  <div class="sheets" inert data-specimens>
    <Slide {specimen} {name} />
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

  h2 {
    min-height: 28px;
    line-height: 24px;
  }

  .sheets {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(0, 308px));
    gap: 10px;
    align-items: start;
  }

  @media (max-width: 899px) {
    aside {
      border: 0;
      border-top: var(--rule);
    }
  }
</style>
