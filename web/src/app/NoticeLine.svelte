<script lang="ts">
  import Button from '../ui/Button.svelte';
  import { useBench } from './bench.svelte';

  interface Props {
    onundo: () => void;
  }

  const { onundo }: Props = $props();
  const bench = useBench();
</script>

<div role="status">
  {#if bench.notice}
    <p>
      <span>{bench.notice.text}</span>
      {#if bench.notice.undoable && bench.brand.canUndo}
        <Button look="quiet" onclick={onundo}>Undo</Button>
      {/if}
    </p>
  {/if}
</div>

<style>
  p {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 12px;
    min-height: 36px;
    margin-bottom: 10px;
    padding: 0 10px;
    border-left: 4px solid var(--ink);
    background: var(--paper);
  }
</style>
