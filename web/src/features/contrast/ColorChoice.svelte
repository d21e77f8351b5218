<script lang="ts">
  import type { Stop } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { stopWords } from './overlays';

  /** One of the brand's colours, or black or white. */
  interface Props {
    label: string;
    value: string | undefined;
    /** What stands for no colour at all; without it, one must be chosen. */
    none?: string;
    /** What is offered beside the swatches: steps of their ladders. */
    steps?: readonly Stop[];
    onchange: (hex: string | undefined) => void;
  }

  const { label, value, none, steps = [], onchange }: Props = $props();
  const bench = useBench();

  const options = $derived(
    [
      ...bench.brand.swatches.map(({ hex, name }) => ({ hex, name })),
      { hex: '#FFFFFF', name: 'White' },
      { hex: '#000000', name: 'Black' },
      ...steps.filter(({ away }) => away !== 0).map((step) => ({ hex: step.hex, name: stopWords(step) })),
      ...(value ? [{ hex: value, name: value.slice(1) }] : []),
    ].filter(({ hex }, index, all) => all.findIndex((other) => other.hex === hex) === index),
  );
</script>

<label>
  {label}
  <select
    aria-label={label}
    value={value ?? ''}
    onchange={(event) => onchange(event.currentTarget.value || undefined)}
  >
    {#if none}<option value="">{none}</option>{/if}
    {#each options as { hex, name } (hex)}<option value={hex}>{name}</option>{/each}
  </select>
</label>

<style>
  label {
    display: grid;
    gap: 2px;
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  select {
    max-width: 150px;
  }
</style>
