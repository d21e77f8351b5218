<script lang="ts">
  import type { FileTask } from '../bench/existing.svelte';
  import Button from '../ui/Button.svelte';
  import Dialog from '../ui/Dialog.svelte';

  /** A deck or document that was dropped may be wanted for three things. */
  interface Props {
    files: File[];
    oncolors: (files: File[]) => void;
    ontask: (files: File[], task: FileTask) => void;
    onclose: () => void;
  }

  const { files, oncolors, ontask, onclose }: Props = $props();
  const name = $derived(
    files.length === 1 ? (files[0]?.name ?? '') : `${files[0]?.name ?? ''} and ${files.length - 1} more`,
  );

  function done(action: () => void) {
    action();
    onclose();
  }
</script>

<Dialog title="What is {name} for?" {onclose}>
  <div>
    <Button look="main" onclick={() => done(() => oncolors(files))}>Take its colours</Button>
    <p>Its theme or single colours become the brand’s.</p>
    <Button onclick={() => done(() => ontask(files, 'dress'))}>Dress it</Button>
    <p>The brand’s theme, fonts and logo are put on it.</p>
    <Button onclick={() => done(() => ontask(files, 'check'))}>Check it</Button>
    <p>What is off in it is found and mended.</p>
  </div>
</Dialog>

<style>
  div {
    display: grid;
    grid-template-columns: max-content 1fr;
    gap: 10px 16px;
    align-items: center;
    margin-top: 8px;
  }

  p {
    color: var(--ink-2);
  }
</style>
