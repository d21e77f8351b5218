<script lang="ts">
  import { fileContentOf } from '../../api/addresses';
  import type { ExistingFile } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import ChooseOffice from './ChooseOffice.svelte';
  import GraphicFiles from './GraphicFiles.svelte';
  import { pagesOf, versionName } from './words';

  interface Props {
    file: ExistingFile;
    specimens: boolean;
    onspecimens: () => void;
  }

  const { file, specimens, onspecimens }: Props = $props();
  const bench = useBench();
  const work = bench.existing;
  const doing = new Doing((problem) => bench.say(problem));
  const isPicture = $derived(work.task === 'recolour');

  async function remove() {
    const versions = work.versions;
    await doing.do(async () => {
      await work.remove(file);
      bench.say(`${file.name} taken away`, () => work.putBack(versions));
    });
  }
</script>

<div class="which">
  {#if work.choice.length > 1}
    <label class="visually-hidden" for="which-file">File</label>
    <select
      id="which-file"
      value={work.choice.find(({ lineage }) => lineage === file.lineage)?.id}
      onchange={(event) => (work.shownId = event.currentTarget.value)}
    >
      {#each work.choice as other (other.id)}<option value={other.id}>{other.name}</option>{/each}
    </select>
  {:else}
    <b>{file.name}</b>
  {/if}
  {#if !isPicture}<span>{pagesOf(file)}</span>{/if}
  {#if work.versions.length > 1}
    <label class="visually-hidden" for="which-version">Version</label>
    <select
      id="which-version"
      value={file.id}
      onchange={(event) => (work.shownId = event.currentTarget.value)}
    >
      {#each work.versions as version, place (version.id)}
        <option value={version.id}>{versionName(version, place)}</option>
      {/each}
    </select>
  {/if}
</div>
<div class="more">
  {#if work.canUndo}
    <Button look="quiet" onclick={() => doing.do(() => work.undo())}>Undo</Button>
  {/if}
  {#if work.canRedo}
    <Button look="quiet" onclick={() => doing.do(() => work.redo())}>Redo</Button>
  {/if}
  <Button look="quiet" aria-pressed={specimens} onclick={onspecimens}>
    {specimens ? 'Hide specimens' : 'Specimens'}
  </Button>
  <ChooseOffice look="quiet" words="Another file" />
  <Button look="quiet" onclick={remove}>Take away</Button>
  {#if isPicture}
    <GraphicFiles {file} />
  {:else}
    <a href={fileContentOf(bench.id, file.id)} download={file.name}>Download</a>
  {/if}
</div>

<style>
  .which {
    display: flex;
    align-items: center;
    gap: 8px;
    min-width: 0;
  }

  .which b {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  .which span {
    color: var(--ink-2);
    font-size: var(--size-small);
    white-space: nowrap;
  }

  select {
    max-width: 190px;
    min-height: 28px;
    padding: 2px 4px;
    border: var(--rule);
    background: var(--board);
    font-weight: 600;
  }

  .more {
    display: flex;
    align-items: center;
    gap: 4px;
    margin-left: auto;
  }

  .more a {
    padding: 4px;
    font-weight: 600;
  }
</style>
