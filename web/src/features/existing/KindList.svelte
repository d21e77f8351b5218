<script lang="ts">
  import type { FaultGroup } from './kinds';

  interface Props {
    groups: readonly FaultGroup[];
    shown: string;
    onshow: (kind: string) => void;
  }

  const { groups, shown, onshow }: Props = $props();
</script>

<ul aria-label="Kinds of faults">
  {#each groups as group (group.kind)}
    <li>
      <button type="button" aria-pressed={group.kind === shown} onclick={() => onshow(group.kind)}>
        <b>{group.faults.length}</b>
        <span>{group.title}</span>
        {#if group.hint}<em>{group.hint}</em>{/if}
      </button>
    </li>
  {/each}
</ul>

<style>
  li {
    border-bottom: var(--hairline);
  }

  button {
    display: grid;
    grid-template-columns: 34px 1fr;
    width: 100%;
    padding: 6px 6px 7px;
    line-height: 17px;
    text-align: start;
  }

  b {
    font: 500 var(--size-small) / 17px var(--code);
  }

  em {
    grid-column: 2;
    color: var(--ink-2);
    font-size: var(--size-small);
    font-style: normal;
    line-height: 15px;
  }

  button[aria-pressed='true'] {
    background: var(--paper);
    outline: 3px solid var(--ink);
    outline-offset: -2px;
  }
</style>
