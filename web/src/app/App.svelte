<script lang="ts">
  import Shelf from '../features/shelf/Shelf.svelte';
  import BenchView from './BenchView.svelte';
  import { router } from '../bench/route.svelte';
</script>

{#if router.current.view === 'shelf'}
  <Shelf />
{:else}
  {#key router.current.id}
    <BenchView id={router.current.id} station={router.current.station} />
  {/key}
{/if}
