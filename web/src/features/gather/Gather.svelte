<script lang="ts">
  import { useBench } from '../../app/bench.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import ChooseFiles from './ChooseFiles.svelte';
  import FirstDrop from './FirstDrop.svelte';
  import SourceSheet from './SourceSheet.svelte';
  import SourceView from './SourceView.svelte';
  import UploadProgress from './UploadProgress.svelte';

  const bench = useBench();
</script>

<div class="title">
  <h1>Gather</h1>
  {#if bench.sources.length > 0}
    <span class="hint">Drop pictures anywhere, or paste one</span>
    <ChooseFiles />
  {/if}
</div>
<Complaint text={bench.uploadProblem} />
<UploadProgress uploads={bench.uploads} />

{#if bench.sources.length === 0}
  <FirstDrop />
{:else}
  <div class="sources">
    <SourceSheet />
    {#if bench.source}
      {#key bench.source.id}
        <SourceView source={bench.source} />
      {/key}
    {/if}
  </div>
{/if}

<style>
  .title {
    display: flex;
    align-items: center;
    gap: 12px;
    min-height: 32px;
    margin-bottom: 10px;
  }

  h1 {
    font-size: var(--size-title);
    letter-spacing: -0.01em;
  }

  .hint {
    flex: 1;
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  .sources {
    display: grid;
    grid-template-columns: 112px minmax(0, 1fr);
    gap: 14px;
    margin-top: 10px;
  }
</style>
