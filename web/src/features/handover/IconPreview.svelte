<script lang="ts">
  import { useBench } from '../../bench/bench.svelte';

  const bench = useBench();

  /** The size of the file by the size that it is shown in. */
  const SHOWN = [
    [180, 59],
    [32, 32],
    [16, 16],
  ] as const;
</script>

<div>
  {#each SHOWN as [size, side] (size)}
    <img src={bench.logos.icon(size)} width={side} height={side} alt="Icon, {size} pixels" />
  {/each}
</div>

<style>
  div {
    display: flex;
    gap: 8px;
    align-items: end;
    height: 75px;
    padding: 8px;
    background: var(--paper);
  }
</style>
