<script lang="ts">
  import Check from '@lucide/svelte/icons/check';
  import type { Proposal, Swatch } from '../../api/types';
  import Ticket from '../../ui/Ticket.svelte';

  interface Props {
    proposal: Proposal;
    chosen: boolean;
    /** The swatch that nobody could tell from it. */
    same: Swatch | undefined;
    /** Whether nothing of it is left to be taken. */
    settled: boolean;
    focused: boolean;
    ontoggle: () => void;
    onfocus: () => void;
  }

  const { proposal, chosen, same, settled, focused, ontoggle, onfocus }: Props = $props();

  const percent = $derived(proposal.coverage * 100);
  const covered = $derived(
    `${percent >= 10 ? Math.round(percent) : percent >= 0.1 ? percent.toFixed(1) : '< 0.1'} %`,
  );
  const state = $derived(
    [proposal.name, proposal.ground && 'ground', same && (settled ? 'in palette' : `same as ${same.name}`)]
      .filter(Boolean)
      .join(', '),
  );
</script>

<li class:focused>
  <label onmouseenter={onfocus}>
    <input
      type="checkbox"
      class="visually-hidden"
      checked={chosen && !settled}
      aria-disabled={settled}
      aria-label="{proposal.hex.slice(1)}, {covered} of the picture{state && `, ${state}`}"
      onchange={(event) => {
        if (settled) {
          event.currentTarget.checked = false;
        } else {
          ontoggle();
        }
      }}
      {onfocus}
    />
    <Ticket hex={proposal.hex} ink={proposal.ink} wide />
    <span class="facts">
      <span class="box" data-checked={chosen && !settled} class:gone={settled} aria-hidden="true">
        <Check size={10} strokeWidth={4} />
      </span>
      {covered}
    </span>
    <span class="coverage" aria-hidden="true"><i style:width="{Math.max(1, percent)}%"></i></span>
    <span class="state">{state}</span>
  </label>
</li>

<style>
  li {
    width: 86px;
    padding: 4px;
  }

  li:has(:focus-visible),
  .focused {
    outline: 3px solid var(--ink);
    background: var(--paper);
  }

  label {
    display: block;
    cursor: pointer;
  }

  .facts {
    display: flex;
    gap: 6px;
    align-items: center;
    padding-top: 3px;
    font-size: var(--size-small);
    font-weight: 600;
    line-height: 16px;
  }

  .box {
    display: grid;
    place-items: center;
    width: 13px;
    height: 13px;
    border: 1.5px solid var(--ink);
    color: var(--paper);
  }

  .box[data-checked='false'] {
    color: transparent;
  }

  .box[data-checked='true'] {
    background: var(--ink);
  }

  .gone {
    visibility: hidden;
    width: 0;
    margin-right: -6px;
  }

  .coverage {
    display: block;
    height: 4px;
    margin-top: 3px;
    background: var(--bar);
  }

  .coverage i {
    display: block;
    height: 4px;
    background: var(--ink);
  }

  .state {
    display: block;
    min-height: 16px;
    color: var(--ink-2);
    font-size: var(--size-small);
    line-height: 16px;
  }
</style>
