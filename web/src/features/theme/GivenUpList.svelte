<script lang="ts">
  import type { Suggestion } from '../../api/types';
  import { givenUpWords } from './givenup';

  interface Props {
    suggestion: Suggestion;
  }

  const { suggestion }: Props = $props();

  const points = $derived(suggestion.givenUp.reduce((sum, given) => sum + given.points, 0));
  /** What weighs most first. */
  const lines = $derived([...suggestion.givenUp].sort((one, other) => other.points - one.points));
</script>

<details>
  <summary
    >What the suggestion gave up: {points.toFixed(1)} points, the least that these colours allow</summary
  >
  <ul>
    {#each lines as given, index (index)}
      <li>{givenUpWords(given)}</li>
    {/each}
    {#if suggestion.leftOut.length > 0}
      <li>In no accent: {suggestion.leftOut.join(', ')}; more than six, or too much alike</li>
    {/if}
  </ul>
</details>

<style>
  details {
    margin-bottom: 10px;
  }

  summary {
    cursor: pointer;
    font-weight: 600;
  }

  ul {
    margin-top: 4px;
    padding-left: 16px;
    color: var(--ink-2);
    font-size: var(--size-small);
    line-height: 18px;
    columns: 2;
  }
</style>
