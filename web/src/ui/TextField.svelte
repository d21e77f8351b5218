<script lang="ts">
  import type { HTMLInputAttributes } from 'svelte/elements';

  /** A line of text under its label, in forms. */
  interface Props extends HTMLInputAttributes {
    label: string;
    value: string;
    mono?: boolean;
  }

  let { label, value = $bindable(), mono = false, ...rest }: Props = $props();
</script>

<label>
  {label}
  <input {...rest} class:mono bind:value autocomplete="off" />
</label>

<style>
  label {
    display: grid;
    gap: 4px;
    width: 100%;
    font-weight: 600;
  }

  input {
    min-height: 32px;
    padding: 4px 8px;
    border: var(--rule);
    background: var(--paper);
    font-weight: 400;
  }

  input::placeholder {
    color: var(--ink-3);
  }

  .mono {
    font-family: var(--code);
  }
</style>
