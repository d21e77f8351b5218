<script lang="ts">
  import { messageOf } from '../api/problem';
  import Button from '../ui/Button.svelte';
  import { useBench } from './bench.svelte';

  const bench = useBench();

  async function takeBack(undo: () => Promise<void>) {
    try {
      await undo();
      bench.notice = undefined;
    } catch (error) {
      bench.say(messageOf(error));
    }
  }
</script>

<div role="status">
  {#if bench.notice}
    <p>
      <span>{bench.notice.text}</span>
      {#if bench.notice.undo}
        {@const undo = bench.notice.undo}
        <Button look="quiet" onclick={() => takeBack(undo)}>Undo</Button>
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
