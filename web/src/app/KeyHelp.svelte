<script lang="ts">
  import Dialog from '../ui/Dialog.svelte';
  import { keys } from '../bench/keys.svelte';
  import { STATIONS } from '../bench/stations';

  interface Props {
    onclose: () => void;
  }

  const { onclose }: Props = $props();

  const lines = [
    ...STATIONS.map((station) => ({ key: station.number, what: `Open ${station.name}`, single: true })),
    { key: '/', what: 'Go to the strip; arrows move along it', single: true },
    { key: 'Enter', what: 'On a ticket of the strip: put it on a slot', single: false },
    { key: 'u', what: 'In Guide: show the specimens beside the sheet, or not', single: true },
    { key: 'k', what: 'On a ticket beside a graphic: keep what it has, or let it go', single: false },
    { key: '?', what: 'Show these keys', single: true },
    { key: 'Ctrl Z', what: 'Undo', single: false },
    { key: 'Ctrl Shift Z', what: 'Redo', single: false },
    { key: 'Ctrl V', what: 'Take in a picture from the clipboard', single: false },
    { key: 'Esc', what: 'Step back', single: false },
  ];
</script>

<Dialog title="Keys" {onclose}>
  <dl>
    {#each lines as line (line.key)}
      <dt class:off={line.single && !keys.single}><kbd>{line.key}</kbd></dt>
      <dd class:off={line.single && !keys.single}>{line.what}</dd>
    {/each}
  </dl>
  <label><input type="checkbox" bind:checked={keys.single} /> Single keys do things</label>
</Dialog>

<style>
  dl {
    display: grid;
    grid-template-columns: max-content 1fr;
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
