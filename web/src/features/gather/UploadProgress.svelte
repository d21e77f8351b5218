<script lang="ts">
  import type { Upload } from '../../app/intake.svelte';

  interface Props {
    uploads: readonly Upload[];
  }

  const { uploads }: Props = $props();
</script>

<div role="status">
  {#each uploads as upload (upload.name)}
    <p>
      <span
        >{upload.share < 1 ? 'Sending' : 'Reading the colours of'} {upload.name || 'the pasted picture'}</span
      >
      <progress max="1" value={upload.share < 1 ? upload.share : undefined} aria-label="Progress"></progress>
    </p>
  {/each}
</div>

<style>
  p {
    display: flex;
    gap: 12px;
    align-items: center;
    padding: 6px 0;
  }

  progress {
    flex: 1;
    max-width: 240px;
    height: 8px;
    border: 1px solid var(--ink);
    accent-color: var(--ink);
  }
</style>
