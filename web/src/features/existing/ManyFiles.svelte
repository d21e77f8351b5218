<script lang="ts">
  import { SvelteSet } from 'svelte/reactivity';
  import { jobFileOf } from '../../api/addresses';
  import type { Job } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import Dialog from '../../ui/Dialog.svelte';
  import { pagesOf } from './words';

  /** Several files are dressed at once, with one report. */
  interface Props {
    /** What somebody wants colours to become, in all of them. */
    mapping: Record<string, string>;
    onclose: () => void;
  }

  const { mapping, onclose }: Props = $props();
  const bench = useBench();
  const work = bench.existing;
  const doing = new Doing();
  const files = work.choice;
  const chosen = new SvelteSet(files.map(({ id }) => id));
  let job = $state.raw<Job>();
  const abort = new AbortController();
  $effect(() => () => abort.abort());

  const running = $derived(job?.state === 'waiting' || job?.state === 'running');

  function toggle(id: string) {
    if (!chosen.delete(id)) {
      chosen.add(id);
    }
  }

  function dress() {
    void doing.once(async () => {
      // The list of files changes; what is looked at stays.
      work.shownId = work.shown?.id;
      job = await work.startDressing(bench.theme.id, [...chosen], mapping);
      job = await bench.handover.follow(job, (now) => (job = now), abort.signal);
      await work.load();
      if (job.state === 'failed') {
        doing.say('Not all of the files could be dressed. What is done stays; try the others one by one.');
      }
    });
  }
</script>

<Dialog title="Dress several files" wide {onclose}>
  <ul>
    {#each files as file (file.id)}
      <li>
        <label>
          <input
            type="checkbox"
            checked={chosen.has(file.id)}
            disabled={running}
            onchange={() => toggle(file.id)}
          />
          {file.name} <span>{pagesOf(file)}</span>
        </label>
      </li>
    {/each}
  </ul>
  <Complaint text={doing.problem} />
  <p role="status">
    {#if running && job}
      {job.stepsDone} of {job.steps} done
    {:else if job?.state === 'stopped'}
      Stopped. What was dressed until then stays beside the file that it was made from.
    {:else if job?.state === 'done'}
      Dressed. The files as they came are kept.
      <a href={jobFileOf(job.id)} download>One report of all</a>
    {/if}
  </p>
  <div class="actions">
    {#if running && job}
      {@const now = job}
      <progress max={job.steps} value={job.stepsDone} aria-label="How far it is"></progress>
      <Button onclick={() => doing.do(() => bench.handover.stop(now))}>Stop</Button>
    {:else}
      <Button look="main" disabled={chosen.size === 0 || doing.adding} onclick={dress}>
        Dress {chosen.size === 1 ? 'it' : `these ${chosen.size}`}
      </Button>
    {/if}
  </div>
</Dialog>

<style>
  li {
    padding: 4px 0;
    border-bottom: var(--hairline);
  }

  label {
    display: flex;
    align-items: center;
    gap: 8px;
    font-weight: 600;
  }

  span {
    color: var(--ink-2);
    font-size: var(--size-small);
    font-weight: 400;
  }

  p {
    min-height: 24px;
    margin-top: 8px;
  }

  .actions {
    display: flex;
    gap: 12px;
    align-items: center;
    margin-top: 8px;
  }

  progress {
    flex: 1;
    height: 8px;
    border: 1px solid var(--ink);
    accent-color: var(--ink);
  }
</style>
