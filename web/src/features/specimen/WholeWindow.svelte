<script lang="ts">
  import type { Attachment } from 'svelte/attachments';
  import type { Specimen } from '../../api/types';
  import Button from '../../ui/Button.svelte';
  import OwnPage from './OwnPage.svelte';
  import Sheets from './Sheets.svelte';

  /** The specimens over the whole window, for showing them to a client. */
  interface Props {
    specimen: Specimen;
    name: string;
    moment: 'now' | 'before';
    onclose: () => void;
  }

  const { specimen, name, moment, onclose }: Props = $props();

  const opened: Attachment<HTMLDialogElement> = (dialog) => {
    dialog.showModal();
    return () => dialog.close();
  };
</script>

<dialog aria-label="In use, in the whole window" {onclose} {@attach opened}>
  <header>
    <h2>{name}{moment === 'before' ? ', before' : ''}</h2>
    <Button onclick={onclose}>Back to the bench</Button>
  </header>
  <div class="own"><OwnPage {moment} /></div>
  <Sheets {specimen} {name} {moment} wide />
</dialog>

<style>
  .own {
    max-width: 720px;
  }

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

  header {
    display: flex;
    justify-content: space-between;
    align-items: center;
    margin-bottom: 16px;
  }

  h2 {
    font-size: var(--size-title);
  }
</style>
