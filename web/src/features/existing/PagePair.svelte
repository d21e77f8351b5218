<script lang="ts">
  import { dressedPageOf, filePageOf, type Dress, type DressWishes } from '../../api/addresses';
  import type { ExistingFile } from '../../api/types';

  interface Props {
    file: ExistingFile;
    worn: Dress;
    wishes: DressWishes;
    page: number;
  }

  const { file, worn, wishes, page }: Props = $props();
</script>

<figure>
  <img src={filePageOf(worn.brand, file.id, page)} alt="Page {page} as it is" loading="lazy" />
  <img src={dressedPageOf(worn, file.id, page, wishes)} alt="Page {page} dressed" loading="lazy" />
  <figcaption><b>{page}</b> as it is, and dressed</figcaption>
</figure>

<style>
  figure {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 2px 6px;
  }

  img {
    width: 100%;
    min-height: 100px;
    outline: 1px solid var(--hair);
    background: var(--paper);
  }

  figcaption {
    grid-column: 1 / -1;
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  b {
    color: var(--ink);
  }
</style>
