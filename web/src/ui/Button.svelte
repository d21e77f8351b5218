<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { HTMLButtonAttributes } from 'svelte/elements';

  interface Props extends HTMLButtonAttributes {
    /** main: the one thing to do here; plain: beside it; quiet: among text. */
    look?: 'main' | 'plain' | 'quiet';
    children: Snippet;
  }

  const { look = 'plain', children, type = 'button', ...rest }: Props = $props();
</script>

<button {...rest} {type} data-look={look}>{@render children()}</button>

<style>
  button {
    display: inline-flex;
    align-items: center;
    gap: 6px;
    min-height: 32px;
    padding: 4px 12px;
    border: var(--rule);
    background: var(--board);
    font-weight: 600;
    white-space: nowrap;
  }

  button[data-look='main'] {
    background: var(--ink);
    color: var(--paper);
  }

  button[data-look='quiet'] {
    padding: 4px;
    border-color: transparent;
    background: none;
    text-decoration: underline;
    text-underline-offset: 3px;
  }

  button:hover:not(:disabled) {
    text-decoration: underline;
    text-underline-offset: 3px;
  }

  button:disabled {
    border-color: var(--hair);
    background: var(--board);
    color: var(--ink-3);
    text-decoration: none;
  }
</style>
