<script lang="ts">
  import type { Proposal } from '../../api/types';
  import Ticket from '../../ui/Ticket.svelte';
  import type { Mark } from './marking.svelte';

  interface Props {
    proposal: Proposal;
    mark: Mark;
    onclick: () => void;
    onfocus: () => void;
  }

  const { proposal, mark, onclick, onfocus }: Props = $props();

  const words = $derived(
    mark === undefined ? 'not marked' : mark === 'crossed out' ? mark : `number ${mark.place}`,
  );
</script>

<li>
  <button type="button" {onclick} {onfocus} onmouseenter={onfocus}>
    <Ticket hex={proposal.hex} ink={proposal.ink} wide crossed={mark === 'crossed out'} />
    <span class="mark" data-marked={mark !== undefined}>{words}</span>
    {#if proposal.name}<span class="name">{proposal.name}</span>{/if}
  </button>
</li>

<style>
  li {
    width: 94px;
  }

  button {
    width: 100%;
    padding: 4px;
    text-align: start;
  }

  .mark {
    display: block;
    padding-top: 3px;
    font-size: var(--size-small);
    line-height: 16px;
  }

  .mark[data-marked='true'] {
    font-weight: 700;
  }

  .name {
    display: block;
    color: var(--ink-2);
    font-size: var(--size-small);
    line-height: 16px;
  }
</style>
