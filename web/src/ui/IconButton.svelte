<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { HTMLButtonAttributes } from 'svelte/elements';

  /** A button that shows only an icon; its label is read out. */
  interface Props extends HTMLButtonAttributes {
    label: string;
    children: Snippet;
  }

  const { label, children, type = 'button', ...rest }: Props = $props();
</script>

<button {...rest} {type} aria-label={label} title={label}>{@render children()}</button>

<style>
  button {
    display: grid;
    place-items: center;
    width: 28px;
    height: 28px;
  }

  button:disabled {
    color: var(--hair);
  }
</style>
