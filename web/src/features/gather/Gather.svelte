<script lang="ts">
  import { isPicture } from '../../api/types';
  import { useBench } from '../../app/bench.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import StationTitle from '../../ui/StationTitle.svelte';
  import Button from '../../ui/Button.svelte';
  import ChooseFiles from './ChooseFiles.svelte';
  import FirstDrop from './FirstDrop.svelte';
  import Listing from './Listing.svelte';
  import SourceSheet from './SourceSheet.svelte';
  import SourceView from './SourceView.svelte';
  import UploadProgress from './UploadProgress.svelte';

  const bench = useBench();
</script>

<StationTitle
  name="Gather"
  hint={bench.sheet.sources.length > 0 ? 'Drop files anywhere, or paste a picture' : ''}
>
  {#if bench.sheet.sources.length > 0}
    <Button onclick={() => (bench.text = { content: '', from: 'pasted text' })}>Paste codes</Button>
    <ChooseFiles />
  {/if}
</StationTitle>
<Complaint text={bench.intake.problems.join('\n') || undefined} />
<UploadProgress uploads={bench.intake.uploads} />

{#if bench.sheet.sources.length === 0}
  <FirstDrop />
{:else}
  <div class="sources">
    <SourceSheet />
    {#if bench.sheet.shown}
      {@const source = bench.sheet.shown}
      {#key source.id}
        {#if isPicture(source)}
          <SourceView {source} />
        {:else}
          <Listing {source} />
        {/if}
      {/key}
    {/if}
  </div>
{/if}

<style>
  .sources {
    display: grid;
    grid-template-columns: 112px minmax(0, 1fr);
    gap: 14px;
    margin-top: 10px;
  }
</style>
