<script lang="ts">
  import type { Dress, DressWishes } from '../../api/addresses';
  import type { ExistingFile } from '../../api/types';
  import PagePair, { WIDE } from './PagePair.svelte';

  /** Some pages as they are and as they would be. */
  interface Props {
    file: ExistingFile;
    worn: Dress;
    wishes: DressWishes;
    pages: number[];
  }

  const { file, worn, wishes, pages }: Props = $props();
  let ratio = $state(WIDE);
</script>

<section aria-label="Before and after">
  {#each pages as page (page)}
    <PagePair {file} {worn} {wishes} {page} bind:ratio />
  {/each}
</section>

<style>
  section {
    display: grid;
    gap: 10px;
  }
</style>
