<script lang="ts">
  import type { DressLine } from '../../api/types';
  import Ticket from '../../ui/Ticket.svelte';
  import { SLOT_CODES, slotName } from '../../words/slots';

  /** One colour of the file, and what it becomes. */
  interface Props {
    line: DressLine;
    chosen: boolean;
    onchoose: (slot: string) => void;
    /** The page where it occurs most is wanted. */
    onshow: () => void;
  }

  const { line, chosen, onchoose, onshow }: Props = $props();
</script>

<tr>
  <th scope="row">
    <button type="button" aria-label="Show where {line.hex.slice(1)} occurs most" onclick={onshow}>
      <Ticket hex={line.hex} ink={line.ink} small />
    </button>
  </th>
  <td class="count">{line.count}</td>
  <td class="what">{line.what}</td>
  <td class="becomes">
    <span aria-hidden="true">→</span>
    <span class="slot" style:--color={line.slotHex} style:--on={line.slotInk}>
      <select
        aria-label="{line.hex.slice(1)}, {line.what}, becomes"
        value={line.slot}
        onchange={(event) => onchoose(event.currentTarget.value)}
      >
        {#each SLOT_CODES as code (code)}
          <option value={code}>{slotName(code)}{code === line.slot && line.step ? ' step' : ''}</option>
        {/each}
      </select>
    </span>
  </td>
  <td class="because" class:chosen>{line.because}</td>
</tr>

<style>
  tr {
    border-bottom: var(--hairline);
  }

  th,
  td {
    padding: 4px 8px 4px 0;
    vertical-align: middle;
    text-align: start;
  }

  th {
    width: 92px;
    padding-left: 4px;
    font-weight: 400;
  }

  button {
    display: block;
  }

  .count {
    width: 44px;
    font-family: var(--code);
    text-align: right;
  }

  .what,
  .because {
    color: var(--ink-2);
    font-size: var(--size-small);
    line-height: 15px;
  }

  .what {
    width: 30%;
  }

  .chosen {
    font-weight: 600;
  }

  .becomes {
    width: 150px;
    white-space: nowrap;
  }

  .slot {
    display: inline-block;
    margin-left: 8px;
    padding: 1px;
    background: var(--hair);
    clip-path: polygon(0 0, calc(100% - 9px) 0, 100% 9px, 100% 100%, 0 100%);
  }

  select {
    width: 106px;
    min-height: 26px;
    padding: 2px 4px;
    border: 0;
    background: var(--color);
    color: var(--on);
    font-weight: 600;
  }

  option {
    background: var(--paper);
    color: var(--ink);
  }
</style>
