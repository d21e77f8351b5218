<script lang="ts">
  import X from '@lucide/svelte/icons/x';
  import type { Snippet } from 'svelte';
  import type { Attachment } from 'svelte/attachments';

  interface Props {
    title: string;
    /** For lists that stand beside something. */
    wide?: boolean;
    onclose: () => void;
    children: Snippet;
  }

  const { title, wide = false, onclose, children }: Props = $props();

  const opened: Attachment<HTMLDialogElement> = (dialog) => {
    dialog.showModal();
    return () => dialog.close();
  };
</script>

<dialog aria-label={title} class:wide {onclose} {@attach opened}>
  <header>
    <h2>{title}</h2>
    <button type="button" aria-label="Close" onclick={onclose}><X size={20} aria-hidden="true" /></button>
  </header>
  {@render children()}
</dialog>

<style>
  dialog {
    width: min(480px, calc(100vw - 32px));
    max-height: calc(100vh - 64px);
    margin: auto;
    padding: 16px 20px 20px;
    border: var(--rule);
    background: var(--board);
    color: var(--ink);
    overflow: auto;
  }

  .wide {
    width: min(880px, calc(100vw - 32px));
  }

  dialog::backdrop {
    background: var(--veil);
  }

  header {
    display: flex;
    justify-content: space-between;
    align-items: center;
    margin-bottom: 12px;
  }

  h2 {
    font-size: var(--size-title);
    line-height: 24px;
  }

  button {
    padding: 6px;
  }
</style>
