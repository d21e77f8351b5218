<script lang="ts">
  import { useBench } from '../../bench/bench.svelte';

  const bench = useBench();

  const SIZES = [180, 48, 32, 16];
</script>

<div>
  {#each SIZES as size (size)}
    <img
      src={bench.logos.icon(size)}
      width={size === 180 ? 96 : size}
      height={size === 180 ? 96 : size}
      alt="Icon, {size} pixels"
    />
  {/each}
</div>

<style>
  div {
    display: flex;
    gap: 12px;
    align-items: end;
    padding: 16px;
    background: var(--paper);
  }
</style>
