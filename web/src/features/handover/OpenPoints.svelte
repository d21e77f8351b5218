<script lang="ts">
  import type { OpenPoint } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { addressOf } from '../../bench/route.svelte';
  import { pointWords } from '../../words/handover';

  interface Props {
    points: readonly OpenPoint[];
  }

  const { points }: Props = $props();
  const bench = useBench();
</script>

<ul>
  {#each points as point, index (index)}
    {@const { text, station, where } = pointWords(point)}
    <li>
      {text}
      <a href={addressOf(bench.id, station)}>{where}</a>
    </li>
  {:else}
    <li>Nothing to look at.</li>
  {/each}
</ul>

<style>
  ul {
    list-style: none;
  }

  li {
    padding: 4px 0;
    border-bottom: var(--hairline);
    font-size: var(--size-small);
  }
</style>
