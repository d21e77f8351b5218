<script lang="ts">
  import Button from '../ui/Button.svelte';
  import { useBench } from '../bench/bench.svelte';
  import { Doing } from '../bench/doing.svelte';

  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  async function takeBack(undo: () => Promise<void>) {
    await doing.do(async () => {
      await undo();
      bench.kept.notice = undefined;
    });
  }
</script>

<div role="status">
  {#if bench.kept.notice}
    <p>
      <span>{bench.kept.notice.text}</span>
      {#if bench.kept.notice.undo}
        {@const undo = bench.kept.notice.undo}
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
