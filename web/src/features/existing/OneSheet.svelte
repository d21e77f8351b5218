<script lang="ts">
  import type { Dress, DressWishes } from '../../api/addresses';
  import type { ExistingFile } from '../../api/types';
  import Button from '../../ui/Button.svelte';
  import FullDialog from '../../ui/FullDialog.svelte';
  import PagePair, { WIDE } from './PagePair.svelte';

  /** All pages before and after on one sheet. */
  interface Props {
    file: ExistingFile;
    worn: Dress;
    wishes: DressWishes;
    onclose: () => void;
  }

  const { file, worn, wishes, onclose }: Props = $props();
  let ratio = $state(WIDE);
  const pages = $derived(Array.from({ length: file.pages }, (unused, place) => place + 1));
</script>

<FullDialog label="All pages before and after" {onclose}>
  <header>
    <h2>{file.name}, before and after</h2>
    <Button onclick={onclose}>Close</Button>
  </header>
  <div>
    {#each pages as page (page)}
      <PagePair {file} {worn} {wishes} {page} bind:ratio />
    {/each}
  </div>
</FullDialog>

<style>
  header {
    display: flex;
    justify-content: space-between;
    align-items: center;
    margin-bottom: 16px;
  }

  h2 {
    font-size: var(--size-title);
  }

  div {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(360px, 1fr));
    gap: 20px 24px;
  }
</style>
