<script lang="ts">
  import type { SlideLayout } from '../../api/types';

  /** The gradient of the title slide, as an example of what is in it. */
  interface Props {
    title: SlideLayout | undefined;
    otherwise: string;
  }

  const { title, otherwise }: Props = $props();
  const id = $props.id();

  const stops = $derived(title && title.background.length > 1 ? title.background : [otherwise, otherwise]);
</script>

<svg viewBox="0 0 120 75" role="img" aria-label="A gradient of the brand">
  <defs>
    <linearGradient {id}>
      {#each stops as color, index (index)}
        <stop offset={index / (stops.length - 1)} stop-color={color} />
      {/each}
    </linearGradient>
  </defs>
  <rect width="120" height="75" fill="url(#{id})" />
</svg>

<style>
  svg {
    display: block;
    height: 100%;
  }
</style>
