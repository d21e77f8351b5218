<script lang="ts">
  import { useBench } from '../../bench/bench.svelte';
  import Dialog from '../../ui/Dialog.svelte';
  import Ticket from '../../ui/Ticket.svelte';
  import { slotName } from '../../words/slots';
  import { inDocuments, inPresentations, inWorkbooks, stepWords } from './tints';

  /** The exact steps of every slot, as each kind of document writes them. */
  interface Props {
    onclose: () => void;
  }

  const { onclose }: Props = $props();
  const bench = useBench();
</script>

<Dialog title="Tints of {bench.theme.name}, as documents write them" wide {onclose}>
  <p>
    Use the colour itself first, and a tint only where more are really needed. What is written here names the
    slot, so that the tint follows the theme; the code alone does not.
  </p>
  <table>
    <thead>
      <tr>
        <th scope="col">Slot and step</th>
        <th scope="col">Code</th>
        <th scope="col">Presentations</th>
        <th scope="col">Word processors</th>
        <th scope="col">Spreadsheets</th>
      </tr>
    </thead>
    <tbody>
      {#each bench.theme.slots as slot (slot.slot)}
        {#each slot.tints as tint (`${tint.lumMod}/${tint.lumOff}`)}
          <tr>
            <th scope="row">{slotName(slot.slot)}, {stepWords(tint)}</th>
            <td><Ticket hex={tint.hex} ink={tint.ink} small /></td>
            <td>{inPresentations(tint)}</td>
            <td>{inDocuments(tint)}</td>
            <td>{inWorkbooks(tint)}</td>
          </tr>
        {/each}
      {/each}
    </tbody>
  </table>
</Dialog>

<style>
  p {
    margin: 8px 0 12px;
    color: var(--ink-2);
  }

  table {
    width: 100%;
    border-collapse: collapse;
  }

  th {
    font-weight: 400;
    text-align: start;
  }

  thead th {
    border-bottom: var(--rule);
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  td {
    padding: 2px 10px 2px 0;
    font: 400 var(--size-small) / 16px var(--code);
  }

  tr:nth-child(5n) {
    border-bottom: var(--hairline);
  }
</style>
