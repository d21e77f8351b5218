<script lang="ts">
  import Minus from '@lucide/svelte/icons/minus';
  import Plus from '@lucide/svelte/icons/plus';
  import type { Order } from '../../api/types';
  import Segments from '../../ui/Segments.svelte';
  import type { ProposalState } from './proposals.svelte';

  interface Props {
    proposals: ProposalState;
  }

  const { proposals }: Props = $props();

  const readings = [
    { value: 'artwork', name: 'artwork' },
    { value: 'photograph', name: 'photograph' },
  ] as const;
  const orders: readonly Order[] = ['coverage', 'place', 'lightness', 'hue'];
</script>

<div class="bar">
  <b>{proposals.colors.length} {proposals.colors.length === 1 ? 'proposal' : 'proposals'}</b>
  {#if proposals.answer?.sheet}<span class="word">from a sheet of chips, as it is read</span>{/if}
  <span class="word">at most</span>
  <span class="stepper" role="group" aria-label="Most to show">
    <button
      type="button"
      aria-label="One fewer"
      disabled={proposals.most <= 1}
      onclick={() => proposals.most--}
    >
      <Minus size={14} aria-hidden="true" />
    </button>
    <output>{proposals.most}</output>
    <button
      type="button"
      aria-label="One more"
      disabled={proposals.most >= (proposals.answer?.sheet ? 64 : 12)}
      onclick={() => proposals.most++}
    >
      <Plus size={14} aria-hidden="true" />
    </button>
  </span>
  <span class="word">read as</span>
  <Segments
    label="Read as"
    options={readings}
    value={proposals.reading}
    onchange={(reading) => (proposals.reading = reading)}
  />
  <label class="word">
    by
    <select
      value={proposals.order}
      onchange={(event) => (proposals.order = event.currentTarget.value as Order)}
    >
      {#each orders as order (order)}
        <option value={order}>{order}</option>
      {/each}
    </select>
  </label>
</div>

<style>
  .bar {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
  }

  .word {
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  label {
    display: flex;
    gap: 8px;
    align-items: center;
  }

  select {
    font-weight: 600;
  }

  .stepper {
    display: inline-flex;
    border: var(--rule);
  }

  button {
    display: grid;
    place-items: center;
    width: 28px;
    height: 28px;
  }

  button:disabled {
    color: var(--hair);
  }

  output {
    min-width: 32px;
    border: solid var(--ink);
    border-width: 0 1.5px;
    font: 500 var(--size-text) / 28px var(--code);
    text-align: center;
  }
</style>
