<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { Attachment } from 'svelte/attachments';

  /** A dialog over the whole window, for what needs all the room. */
  interface Props {
    label: string;
    onclose: () => void;
    children: Snippet;
  }

  const { label, onclose, children }: Props = $props();

  const opened: Attachment<HTMLDialogElement> = (dialog) => {
    dialog.showModal();
    return () => dialog.close();
  };
</script>

<dialog aria-label={label} {onclose} {@attach opened}>
  {@render children()}
</dialog>

<style>
  dialog {
    width: 100vw;
    max-width: 100vw;
    height: 100vh;
    max-height: 100vh;
    padding: 20px 32px 32px;
    border: 0;
    background: var(--well);
    color: var(--ink);
    overflow: auto;
  }
</style>
