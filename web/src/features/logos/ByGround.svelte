<script lang="ts">
  import { isPicture } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import GroundWithLogos from './GroundWithLogos.svelte';
  import IconSizes from './IconSizes.svelte';
  import { byGround } from './logos';

  const bench = useBench();

  const grounds = $derived(byGround(bench.logos.grounds));
  const photographs = $derived(bench.sheet.sources.filter(isPicture));
</script>

<Complaint text={bench.logos.problem} />
<ul aria-label="By ground">
  {#each grounds as ground (ground.key)}
    <GroundWithLogos {ground} />
  {/each}
</ul>
<label>
  Look at it on a picture too
  <select bind:value={bench.logos.lookedOn}>
    <option value={undefined}>none</option>
    {#each photographs as source (source.id)}
      <option value={source.id}>{source.name}</option>
    {/each}
  </select>
  <!-- In a line that is there anyway, so that nothing moves under the pointer. -->
  <span role="status">{bench.logos.slow ? 'Looking at every ground…' : ''}</span>
</label>
{#if bench.logos.has('icon')}
  <IconSizes />
{/if}

<style>
  ul {
    display: grid;
    gap: 7px;
  }

  label {
    display: flex;
    gap: 8px;
    align-items: center;
    margin: 8px 0;
    font-size: var(--size-small);
  }
</style>
