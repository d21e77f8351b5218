<script lang="ts">
  import { jobFileOf } from '../../api/addresses';
  import { messageOf } from '../../api/problem';
  import type { Job } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import { sizeWords } from '../../words/handover';

  interface Props {
    theme: string;
    items: readonly string[];
    /** How many deliveries that is. */
    count: number;
    /** Something has been handed over. */
    onmade: () => void;
  }

  const { theme, items, count, onmade }: Props = $props();
  const bench = useBench();

  let job = $state.raw<Job>();
  let problem = $state<string>();
  let stopping = false;
  let abort = new AbortController();

  const under = $derived(job !== undefined && (job.state === 'waiting' || job.state === 'running'));

  $effect(() => () => abort.abort());

  async function make() {
    problem = undefined;
    job = undefined;
    stopping = false;
    abort = new AbortController();
    try {
      const started = await bench.handover.startParcel(theme, [...items]);
      job = started;
      job = await bench.handover.follow(started, (now) => (job = now), abort.signal);
      if (job.state === 'done') {
        onmade();
      } else if (job.state === 'failed') {
        problem = 'The parcel could not be made; nothing was handed over. Try again.';
      }
    } catch (error) {
      if (abort.signal.aborted) {
        return;
      }
      job = undefined;
      if (stopping) {
        // It was done before it could be stopped: the log has it.
        onmade();
      } else {
        problem = messageOf(error);
      }
    }
  }

  async function stop() {
    if (job) {
      stopping = true;
      try {
        await bench.handover.stop(job);
      } catch (error) {
        problem = messageOf(error);
      }
    }
  }
</script>

<div>
  {#if under && job}
    <progress max={job.steps} value={job.stepsDone} aria-label="How far the parcel is"></progress>
    <p role="status">{job.stepsDone} of {job.steps} done</p>
    <Button onclick={stop}>Stop</Button>
  {:else}
    <Button look="main" disabled={count === 0} onclick={make}
      >Make the parcel, {count === 1 ? '1 item' : `${count} items`}</Button
    >
    {#if job?.state === 'done'}
      <p role="status">
        <a href={jobFileOf(job.id)} download>Download {job.fileName}</a>, {sizeWords(job.bytes)}
      </p>
    {:else if job?.state === 'stopped'}
      <p role="status">Stopped; nothing was handed over.</p>
    {/if}
  {/if}
  <Complaint text={problem} />
</div>

<style>
  div {
    display: grid;
    gap: 6px;
    margin-top: 8px;
  }

  progress {
    width: 100%;
    height: 12px;
    border: var(--rule);
    accent-color: var(--ink);
  }

  p {
    font-size: var(--size-small);
  }

  div :global(button) {
    justify-content: center;
  }
</style>
