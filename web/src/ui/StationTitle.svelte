<script lang="ts">
  import type { Snippet } from 'svelte';

  /** The first line of a station: its name, what to know about it, and what to do here. */
  interface Props {
    name: string;
    hint?: string;
    /** What stands right after the name. */
    beside?: Snippet;
    children?: Snippet;
  }

  const { name, hint = '', beside, children }: Props = $props();
</script>

<div>
  <h1>{name}</h1>
  {@render beside?.()}
  <span>{hint}</span>
  {@render children?.()}
</div>

<style>
  div {
    display: flex;
    align-items: center;
    gap: 12px;
    min-height: 32px;
    margin-bottom: 10px;
  }

  h1 {
    font-size: var(--size-title);
    letter-spacing: -0.01em;
  }

  span {
    flex: 1;
    color: var(--ink-2);
    font-size: var(--size-small);
  }
</style>
