<script lang="ts">
  import { isPicture } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import StationTitle from '../../ui/StationTitle.svelte';
  import Button from '../../ui/Button.svelte';
  import ChooseFiles from './ChooseFiles.svelte';
  import DraftAgain from './DraftAgain.svelte';
  import Eyedropper from './Eyedropper.svelte';
  import FirstDrop from './FirstDrop.svelte';
  import Listing from './Listing.svelte';
  import ReadyPalettes from './ReadyPalettes.svelte';
  import SourceSheet from './SourceSheet.svelte';
  import SourceView from './SourceView.svelte';
  import UploadProgress from '../../ui/UploadProgress.svelte';

  const bench = useBench();

  /** Whether ready palettes are looked at instead of sources. */
  let ready = $state(false);
  /** Whether somebody looks at what drafting again would change. */
  let again = $state(false);
</script>

<StationTitle name="Gather" hint={bench.sheet.sources.length > 0 ? 'Drop files anywhere' : ''}>
  {#if ready}
    <Button onclick={() => (ready = false)}>Back to the sources</Button>
  {:else if bench.sheet.sources.length > 0}
    <Button onclick={() => (ready = true)}>Ready palettes</Button>
    <Button onclick={() => (bench.text = { content: '', from: 'pasted text' })}>Paste codes</Button>
    <Eyedropper />
    <ChooseFiles />
  {/if}
</StationTitle>
{#if !ready}
  <Complaint text={bench.intake.problems.join('\n') || undefined} />
{/if}
<UploadProgress uploads={bench.intake.uploads} doing="Reading the colours of" />

{#if ready}
  <ReadyPalettes />
{:else if bench.sheet.sources.length === 0}
  <FirstDrop onready={() => (ready = true)} />
{:else}
  <div class="sources">
    <SourceSheet onagain={() => (again = true)} />
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

{#if again}
  <DraftAgain onclose={() => (again = false)} />
{/if}

<style>
  .sources {
    display: grid;
    grid-template-columns: 112px minmax(0, 1fr);
    gap: 14px;
    margin-top: 10px;
  }
</style>
