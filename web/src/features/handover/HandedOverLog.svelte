<script lang="ts">
  import { handedOverOf } from '../../api/addresses';
  import type { HandedOver, Since } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Resource } from '../../bench/resource.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import { files, pointWords, sizeWords } from '../../words/handover';

  interface Props {
    entry: HandedOver;
    /** Whether it is said at once what has gone out of date. */
    latest: boolean;
  }

  const { entry, latest }: Props = $props();
  const bench = useBench();
  const time = new Intl.DateTimeFormat('en-GB', {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  });

  const when = $derived(time.format(new Date(entry.madeAt)));

  let opened = $state(false);

  const since = new Resource(() =>
    latest || opened
      ? {
          key: `${entry.id} ${bench.brand.revision}`,
          ask: (signal) => bench.handover.since(entry.id, signal),
        }
      : undefined,
  );

  function changed({ recolored }: Since): string {
    return recolored
      .map(({ name, before, now }) =>
        now ? `${name} ${before.slice(1)} → ${now.slice(1)}` : `${name} is no more`,
      )
      .join(', ');
  }
</script>

<li>
  <a href={handedOverOf(bench.id, entry.id)} download aria-label="{when}, download as it was">{when}</a>,
  <span>{files(entry.files.length)}, {sizeWords(entry.size)}, step {entry.revision}</span>
  <Complaint text={since.problem} />
  {#if since.value}
    {@const outOfDate = since.value.outOfDate}
    {#if outOfDate.length === 0}
      <p>Still true.</p>
    {:else}
      {#if since.value.recolored.length > 0}<p>Since then: {changed(since.value)}.</p>{/if}
      <details>
        <summary>Out of date: {outOfDate.length} of {entry.files.length}</summary>
        <ul>
          {#each outOfDate as path (path)}<li>{path}</li>{/each}
        </ul>
      </details>
    {/if}
  {:else if !latest}
    <button type="button" onclick={() => (opened = true)}>What has changed since?</button>
  {:else}
    <p>Looking what has changed …</p>
  {/if}
  {#if entry.openPoints.length > 0}
    <details>
      <summary>Went out with {entry.openPoints.length} open</summary>
      <ul>
        {#each entry.openPoints as point, index (index)}<li>{pointWords(point).text}</li>{/each}
      </ul>
    </details>
  {/if}
</li>

<style>
  li {
    padding: 4px 0;
    border-bottom: var(--hairline);
    font-size: var(--size-small);
  }

  a {
    font-weight: 600;
  }

  span,
  p {
    color: var(--ink-2);
  }

  button,
  summary {
    min-height: 24px;
    text-decoration: underline;
    text-underline-offset: 3px;
    cursor: pointer;
  }

  ul {
    padding-left: 16px;
  }

  ul li {
    border: 0;
    padding: 0;
    overflow-wrap: anywhere;
  }
</style>
