<script module lang="ts">
  /** Width over height of a page before one has come. */
  export const WIDE = 16 / 9;
</script>

<script lang="ts">
  import { dressedPageOf, filePageOf, type Dress, type DressWishes } from '../../api/addresses';
  import type { ExistingFile } from '../../api/types';

  interface Props {
    file: ExistingFile;
    worn: Dress;
    wishes: DressWishes;
    page: number;
    /** Width over height of the last page that has come: what the next will most likely have. */
    ratio: number;
  }

  let { file, worn, wishes, page, ratio = $bindable() }: Props = $props();

  function came({ currentTarget }: Event & { currentTarget: EventTarget & Element }): void {
    if (currentTarget instanceof HTMLImageElement) {
      ratio = currentTarget.naturalWidth / currentTarget.naturalHeight;
    }
  }
</script>

<figure>
  <img
    src={filePageOf(worn.brand, file.id, page)}
    alt="Page {page} as it is"
    loading="lazy"
    style:aspect-ratio="auto {ratio}"
    onload={came}
  />
  <img
    src={dressedPageOf(worn, file.id, page, wishes)}
    alt="Page {page} dressed"
    loading="lazy"
    style:aspect-ratio="auto {ratio}"
    onload={came}
  />
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
    outline: 1px solid var(--hair);
    /* Seen until the page is drawn. */
    background: var(--hatch);
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
