<script lang="ts">
  import type { Snippet } from 'svelte';
  import Button from '../../ui/Button.svelte';

  /** What opens below a ground: a line that says what it is about, and what can be done there. */
  interface Props {
    label: string;
    /** What the button says that closes it. */
    close: string;
    onclose: () => void;
    title: Snippet;
    children: Snippet;
  }

  const { label, close, onclose, title, children }: Props = $props();
</script>

<section aria-label={label}>
  <div>
    {@render title()}
    <Button look="quiet" onclick={onclose}>{close}</Button>
  </div>
  {@render children()}
</section>

<style>
  section {
    display: grid;
    gap: 8px;
    margin: 4px 0 8px 104px;
    padding: 10px 12px;
    border: var(--rule);
    background: var(--paper);
  }

  div {
    display: flex;
    justify-content: space-between;
    align-items: center;
  }
</style>
