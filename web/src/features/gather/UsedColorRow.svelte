<script lang="ts">
  import type { UsedColor } from '../../api/types';
  import Ticket from '../../ui/Ticket.svelte';
  import { usesWords } from './kinds';

  interface Props {
    color: UsedColor;
    chosen: boolean;
    inPalette: boolean;
    ontoggle: () => void;
  }

  const { color, chosen, inPalette, ontoggle }: Props = $props();

  const uses = $derived(color.uses.length > 0 ? usesWords(color.uses) : 'named, not used');
</script>

<li>
  <label>
    <input type="checkbox" checked={chosen && !inPalette} disabled={inPalette} onchange={ontoggle} />
    <Ticket hex={color.hex} ink={color.ink} small />
    <span class="words">
      {#if color.name}<b>{color.name}</b>{/if}
      <span class="uses">{uses}{inPalette ? '; in palette' : ''}</span>
    </span>
  </label>
</li>

<style>
  label {
    display: flex;
    gap: 10px;
    align-items: center;
    min-height: 40px;
    padding: 3px 4px;
    border-bottom: 1px solid var(--hair);
    cursor: pointer;
  }

  .words {
    display: grid;
    min-width: 0;
    line-height: 17px;
  }

  b {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  .uses {
    color: var(--ink-2);
    font-size: var(--size-small);
  }
</style>
