<script lang="ts">
  import { useBench } from '../../bench/bench.svelte';
  import type { FileTask } from '../../bench/existing.svelte';
  import { FileDrop } from '../../ui/filedrop.svelte';
  import Segments from '../../ui/Segments.svelte';
  import UploadProgress from '../../ui/UploadProgress.svelte';
  import Check from './Check.svelte';
  import Dress from './Dress.svelte';
  import NoFile from './NoFile.svelte';
  import Recolour from './Recolour.svelte';
  import WhichFile from './WhichFile.svelte';

  interface Props {
    /** Whether the specimens stand beside it. */
    specimens: boolean;
    onspecimens: () => void;
  }

  const { specimens, onspecimens }: Props = $props();
  const bench = useBench();
  const work = bench.existing;
  const drop = new FileDrop((files) => void work.take(files));

  const TASKS: readonly { value: FileTask; name: string }[] = [
    { value: 'recolour', name: 'Recolour' },
    { value: 'dress', name: 'Dress' },
    { value: 'check', name: 'Check' },
  ];
</script>

<section
  aria-label="Existing files"
  class:over={drop.over}
  ondragenter={drop.enter}
  ondragover={drop.enter}
  ondragleave={drop.leave}
  ondrop={drop.drop}
>
  <header>
    <h1>Existing files</h1>
    <Segments label="What to do" options={TASKS} value={work.task} onchange={(task) => (work.task = task)} />
    {#if work.shown}
      <WhichFile file={work.shown} {specimens} {onspecimens} />
    {/if}
  </header>
  {#if work.uploads.length > 0}
    <UploadProgress uploads={work.uploads} doing="Walking through" />
  {/if}
  <div class="problems" role="alert">
    {#each work.problems as problem (problem)}<p>{problem}</p>{/each}
  </div>
  {#if !work.shown}
    <NoFile task={work.task} />
  {:else if work.task === 'recolour'}
    {#key work.shown.id}<Recolour file={work.shown} />{/key}
  {:else if work.task === 'dress'}
    {#key work.shown.id}<Dress file={work.shown} />{/key}
  {:else}
    {#key work.shown.id}<Check file={work.shown} />{/key}
  {/if}
</section>

<style>
  section {
    min-height: 100%;
  }

  .over {
    outline: 3px dashed var(--ink);
    outline-offset: 4px;
  }

  header {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 12px;
    min-height: 32px;
    margin-bottom: 10px;
  }

  h1 {
    font-size: var(--size-title);
    letter-spacing: -0.01em;
  }

  .problems p {
    margin-bottom: 8px;
    padding: 4px 8px;
    border-left: 4px solid var(--ink);
    background: var(--paper);
    font-weight: 600;
  }
</style>
