<script lang="ts">
  import type { Theme } from '../../api/types';

  interface Props {
    theme: Theme;
  }

  const { theme }: Props = $props();
</script>

<svg viewBox="0 0 120 75" role="img" aria-label="The twelve colours of the theme">
  <rect width="120" height="75" fill="#FFFFFF" />
  {#each theme.slots as { slot, hex }, index (slot)}
    <rect
      x={6 + (index % 4) * 27.5}
      y={6 + Math.floor(index / 4) * 21.5}
      width="25"
      height="19"
      fill={hex ?? '#D6D6D6'}
      stroke="#8C8C8C"
      stroke-width="0.4"
    />
  {/each}
</svg>

<style>
  svg {
    display: block;
    height: 100%;
  }
</style>
