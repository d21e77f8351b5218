<script lang="ts">
  import Dialog from '../ui/Dialog.svelte';
  import { keys } from '../bench/keys.svelte';
  import { STATIONS, type Station } from '../bench/stations';
  import { HELP } from './help';

  /** What the station is for, and which keys there are. */
  interface Props {
    station: Station;
    onclose: () => void;
  }

  const { station, onclose }: Props = $props();

  const help = $derived(HELP[station]);
  const name = $derived(STATIONS.find(({ key }) => key === station)?.name ?? '');

  const everywhere = [
    { key: '0 - 9', what: 'Open the station of that number', single: true },
    { key: '/', what: 'Go to the strip; arrows move along it', single: true },
    { key: '?', what: 'Show this', single: true },
    { key: 'Ctrl Z', what: 'Undo', single: false },
    { key: 'Ctrl Shift Z', what: 'Redo', single: false },
    { key: 'Ctrl V', what: 'Take in a picture from the clipboard', single: false },
    { key: 'Esc', what: 'Step back', single: false },
  ];
</script>

<Dialog title={`${name}: help and keys`} {onclose}>
  {#each help.sentences as sentence (sentence)}
    <p>{sentence}</p>
  {/each}
  {#if help.keys.length > 0}
    <h3>Here</h3>
    <dl>
      {#each help.keys as [key, what] (key)}
        {@const off = key.length === 1 && !keys.single}
        <dt class:off><kbd>{key}</kbd></dt>
        <dd class:off>{what}</dd>
      {/each}
    </dl>
  {/if}
  <h3>Everywhere</h3>
  <dl>
    {#each everywhere as line (line.key)}
      <dt class:off={line.single && !keys.single}><kbd>{line.key}</kbd></dt>
      <dd class:off={line.single && !keys.single}>{line.what}</dd>
    {/each}
  </dl>
  <label><input type="checkbox" bind:checked={keys.single} /> Single keys do things</label>
</Dialog>

<style>
  p {
    margin-bottom: 8px;
  }

  h3 {
    margin: 14px 0 6px;
    font-size: var(--size-text);
  }

  dl {
    display: grid;
    grid-template-columns: 112px 1fr;
    gap: 6px 16px;
    margin-bottom: 16px;
  }

  dd {
    margin: 0;
  }

  kbd {
    padding: 1px 6px;
    border: var(--rule);
    font: 500 var(--size-small) / 16px var(--code);
    white-space: nowrap;
  }

  .off {
    text-decoration: line-through;
  }

  label {
    display: flex;
    gap: 8px;
    align-items: center;
  }
</style>
