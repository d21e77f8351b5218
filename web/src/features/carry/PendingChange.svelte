<script lang="ts">
  import { onDestroy } from 'svelte';
  import CarryThrough from './CarryThrough.svelte';
  import type { Carrying } from './carrying.svelte';

  /** What waits until somebody has seen what will follow; what is only tried ends when its place is left. */
  interface Props {
    carrying: Carrying;
    /** Id of the swatch that it stands beside; nothing for what stands by itself. */
    beside?: string | undefined;
  }

  const { carrying, beside }: Props = $props();

  const pending = $derived(carrying.pending?.place === beside ? carrying.pending : undefined);

  onDestroy(() => carrying.left(beside));
</script>

{#if pending}
  <CarryThrough
    what={pending.what}
    consequences={pending.consequences}
    still={pending.still}
    {...beside ? { changed: beside } : {}}
    oncarry={pending.carry}
    onleave={() => carrying.leave()}
  />
{/if}
