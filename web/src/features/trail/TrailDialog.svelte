<script lang="ts">
  import { untrack } from 'svelte';
  import { answered, api } from '../../api/client';
  import type { Trail } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import Dialog from '../../ui/Dialog.svelte';
  import { wordsOf } from '../../words/trail';

  interface Props {
    onclose: () => void;
  }

  const { onclose }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  const time = new Intl.DateTimeFormat('en-GB', {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  });

  let trail = $state.raw<Trail>();

  /** @param before only what lies before this step; nothing: the newest steps */
  function page(before?: number): Promise<Trail> {
    const query = before === undefined ? {} : { before };
    return answered(api.GET('/api/brands/{id}/trail', { params: { path: { id: bench.id }, query } }));
  }

  async function attempt(action: () => Promise<void>) {
    await doing.do(action);
  }

  // Anew whenever a step is made, also by what was under way when the dialog was opened.
  $effect(() => {
    void bench.kept.stored?.revision;
    void untrack(() =>
      doing.do(async () => {
        trail = await page();
      }),
    );
  });

  async function showEarlier() {
    await doing.do(async () => {
      const shown = trail;
      const earlier = await page(shown?.steps[0]?.revision);
      if (shown && trail === shown) {
        trail = { ...shown, steps: [...earlier.steps, ...shown.steps], more: earlier.more };
      }
    });
  }
</script>

<Dialog title="Trail" {onclose}>
  <div class="actions">
    <Button disabled={!bench.brand.canUndo} onclick={() => attempt(() => bench.kept.undo())}>Undo</Button>
    <Button disabled={!bench.brand.canRedo} onclick={() => attempt(() => bench.kept.redo())}>Redo</Button>
  </div>
  <Complaint text={doing.problem} />
  <ol reversed aria-label="Steps, newest first">
    {#each [...(trail?.steps ?? [])].reverse() as step (step.revision)}
      <li aria-current={step.revision === trail?.cursor ? 'step' : undefined} class:undone={!step.done}>
        {#if step.note.hex}<i style:--color={step.note.hex} aria-hidden="true"></i>{/if}
        <span class="words">{wordsOf(step.note)}{step.done ? '' : ' (undone)'}</span>
        {#if step.revision !== trail?.cursor}
          <Button look="quiet" onclick={() => attempt(() => bench.kept.goTo(step.revision))}>
            Go here<span class="visually-hidden">: {wordsOf(step.note)}</span>
          </Button>
        {/if}
        <time datetime={step.madeAt}>{time.format(new Date(step.madeAt))}</time>
      </li>
    {/each}
  </ol>
  {#if trail?.more}
    <p class="earlier"><Button look="quiet" onclick={showEarlier}>Show earlier steps</Button></p>
  {/if}
</Dialog>

<style>
  .earlier {
    margin-top: 8px;
  }

  .actions {
    display: flex;
    gap: 8px;
    margin-bottom: 12px;
  }

  li {
    display: flex;
    gap: 10px;
    align-items: center;
    min-height: 32px;
    padding: 4px 8px;
    border-bottom: var(--hairline);
  }

  li[aria-current] {
    border-left: 4px solid var(--ink);
    background: var(--paper);
    font-weight: 600;
  }

  .undone .words {
    color: var(--ink-3);
    text-decoration: line-through;
  }

  i {
    flex: none;
    width: 16px;
    height: 16px;
    border: var(--hairline);
    background: var(--color);
    clip-path: polygon(0 0, 70% 0, 100% 30%, 100% 100%, 0 100%);
  }

  .words {
    flex: 1;
    overflow-wrap: anywhere;
  }

  time {
    color: var(--ink-2);
    font-size: var(--size-small);
    font-weight: 400;
    white-space: nowrap;
  }
</style>
