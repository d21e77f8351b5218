<script lang="ts">
  import { onDestroy, untrack } from 'svelte';
  import { filesZipOf } from '../../api/addresses';
  import type { ExistingFile } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import { Recolouring } from '../../bench/recolouring.svelte';
  import { Resource } from '../../bench/resource.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import Arrangements from './Arrangements.svelte';
  import MarkDialog from './MarkDialog.svelte';
  import Photograph from './Photograph.svelte';
  import Stage from './Stage.svelte';
  import Stock from './Stock.svelte';

  /** The graphic is the place of work: tickets stand around it, each tied to what it colours. */
  interface Props {
    file: ExistingFile;
  }

  const { file }: Props = $props();
  const bench = useBench();
  const work = bench.existing;
  const doing = new Doing();
  const recolouring = untrack(() => new Recolouring(work.ask, file));

  let stocking = $state(false);
  let marking = $state(false);
  let variables = $state(false);

  const set = new Resource(() => ({
    key: file.id,
    ask: (signal: AbortSignal) => work.ask.setOf(file.id, signal),
  }));
  const others = $derived(set.value ?? []);
  const count = $derived(1 + recolouring.together.length);
  const changed = $derived(Object.entries(recolouring.mapping).some(([from, to]) => from !== to));

  onDestroy(work.stepping(recolouring));
  void doing.do(() => recolouring.begin());

  function together(yes: boolean) {
    recolouring.together = yes ? others.map(({ id }) => id) : [];
    void doing.do(() => recolouring.begin());
  }

  function write() {
    void doing.once(async () => {
      const files = [file.id, ...recolouring.together];
      // What is made is shown at once, and this is taken down: nothing here is asked after that.
      const said = count === 1 ? `${file.name} is recoloured.` : `${count} graphics are recoloured alike.`;
      const made = await work.recolor(files, recolouring.mapping, recolouring.marked, variables);
      bench.say(`${said} What came is kept.`, () => work.takeBackAll(made));
    });
  }
</script>

<div class="actions">
  <p>
    {#if others.length > 0 && recolouring.marked.length === 0}
      <label>
        <input
          type="checkbox"
          checked={recolouring.together.length > 0}
          onchange={(event) => together(event.currentTarget.checked)}
        />
        and {others.length} more with the same colours
      </label>
    {/if}
    {#if recolouring.graphic && !recolouring.graphic.photograph}
      <span>{recolouring.areas.length} {recolouring.areas.length === 1 ? 'colour' : 'colours'}</span>
    {/if}
  </p>
  {#if recolouring.graphic && !recolouring.graphic.photograph}
    {#if recolouring.together.length === 0}
      <Button look="quiet" onclick={() => (marking = true)}>
        {recolouring.marked.length === 0 ? 'All of it' : 'Only what is marked'}
      </Button>
    {/if}
    <Button look="quiet" aria-expanded={stocking} onclick={() => (stocking = !stocking)}>What is dealt</Button
    >
    {#if file.kind === 'svg'}
      <label><input type="checkbox" bind:checked={variables} /> by names of swatches</label>
    {/if}
    {#if others.length > 0 && file.madeBy === 'recolor'}
      <a href={filesZipOf(bench.id, [file.id, ...others.map(({ id }) => id)])} download>
        Download {others.length + 1}
      </a>
    {/if}
    <Button look="main" disabled={!changed || doing.adding} onclick={write}>
      {count === 1 ? 'Recolour it' : `Recolour these ${count}`}
    </Button>
  {/if}
</div>
<Complaint text={doing.problem} />
{#if !recolouring.graphic}
  {#if !doing.problem}<p role="status">Measuring {file.name}…</p>{/if}
{:else if recolouring.graphic.photograph}
  <Photograph {file} />
{:else}
  {#if stocking}
    <Stock {recolouring} />
  {/if}
  <Stage {recolouring} />
  <Arrangements {recolouring} />
{/if}
{#if marking && recolouring.graphic}
  <MarkDialog {recolouring} graphic={recolouring.graphic} onclose={() => (marking = false)} />
{/if}

<style>
  .actions {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px 14px;
    min-height: 34px;
    margin-bottom: 6px;
  }

  .actions p {
    display: flex;
    flex: 1;
    gap: 14px;
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  .actions a {
    font-weight: 600;
  }

  label {
    display: inline-flex;
    align-items: center;
    gap: 4px;
    white-space: nowrap;
  }
</style>
