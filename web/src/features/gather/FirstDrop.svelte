<script lang="ts">
  import { useBench } from '../../bench/bench.svelte';
  import Button from '../../ui/Button.svelte';
  import ChooseFiles from './ChooseFiles.svelte';

  interface Props {
    onready: () => void;
  }

  const { onready }: Props = $props();
  const bench = useBench();
</script>

<div class="drop">
  {#if bench.brand.swatches.length === 0}
    <h2>Drop a logo here</h2>
    <p>
      As PNG, SVG, JPEG, WebP, GIF, BMP or PDF: colours and a theme are drafted from it in one step. A
      presentation, document, workbook, stylesheet or saved page is read too.
    </p>
  {:else}
    <h2>No picture yet</h2>
    <p>
      The colours of this brand came without one. A logo, a photograph or a file that is dropped here can add
      more; nothing changes by itself.
    </p>
  {/if}
  <ChooseFiles look="main" words="Choose a file" />
  <p>
    or paste a picture, or <Button
      look="quiet"
      onclick={() => (bench.text = { content: '', from: 'pasted text' })}>paste codes</Button
    >; with nothing yet, <Button look="quiet" onclick={onready}>look at ready palettes</Button>
  </p>
</div>

<style>
  .drop {
    display: grid;
    place-items: center;
    align-content: center;
    gap: 16px;
    min-height: 420px;
    padding: 24px;
    border: 1.5px dashed var(--ink-3);
    text-align: center;
  }

  p {
    max-width: 480px;
  }

  h2 {
    font-size: var(--size-large);
    line-height: 32px;
  }
</style>
