<script lang="ts">
  import { leading } from '../bench/leading.svelte';
  import { addressOf } from '../bench/route.svelte';
  import { STATIONS, type Station } from '../bench/stations';
  import Button from '../ui/Button.svelte';
  import { HELP } from './help';

  /** What is to be done at a station, and the way to the next, for whoever is here for the first time. */
  interface Props {
    id: string;
    station: Station;
  }

  const { id, station }: Props = $props();

  const place = $derived(STATIONS.findIndex(({ key }) => key === station));
  const next = $derived(STATIONS[place + 1]);
</script>

<section aria-label="The first time through">
  <p>
    <b>{place + 1} of {STATIONS.length}</b>
    {HELP[station].sentences[0]}
  </p>
  {#if next}
    <a href={addressOf(id, next.key)}>Go on</a>
  {:else}
    <Button onclick={() => leading.end()}>That was all</Button>
  {/if}
  <Button look="quiet" onclick={() => leading.end()}>Do without</Button>
</section>

<style>
  section {
    display: flex;
    gap: 16px;
    align-items: center;
    margin-bottom: 10px;
    padding: 8px 10px;
    border-left: 4px solid var(--ink-3);
    background: var(--paper);
  }

  p {
    flex: 1;
    max-width: 76ch;
  }

  b {
    margin-right: 8px;
    color: var(--ink-2);
    font-size: var(--size-small);
    white-space: nowrap;
  }

  a {
    padding: 6px 14px;
    background: var(--ink);
    color: var(--paper);
    font-weight: 600;
    text-decoration: none;
    white-space: nowrap;
  }
</style>
