<script lang="ts">
  import Button from './Button.svelte';

  /** A file on its way in; no share while it waits for its turn. */
  interface Upload {
    name: string;
    share: number | undefined;
    stop: () => void;
  }

  interface Props {
    uploads: readonly Upload[];
    /** What is done with a file that has been sent. */
    doing: string;
  }

  const { uploads, doing }: Props = $props();

  function words(upload: Upload): string {
    if (upload.share === undefined) {
      return `${upload.name} waits`;
    }
    return `${upload.share < 1 ? 'Sending' : doing} ${upload.name}`;
  }
</script>

<div role="status">
  <ul aria-label="Files on their way in">
    {#each uploads as upload (upload)}
      <li>
        <span>{words(upload)}</span>
        {#if upload.share !== undefined}
          <progress max="1" value={upload.share < 1 ? upload.share : undefined} aria-label="Progress"
          ></progress>
        {/if}
        <Button look="quiet" aria-label="Stop {upload.name}" onclick={() => upload.stop()}>Stop</Button>
      </li>
    {/each}
  </ul>
</div>

<style>
  ul {
    max-height: 132px;
    overflow: auto;
  }

  li {
    display: flex;
    gap: 12px;
    align-items: center;
    padding: 2px 0;
  }

  span {
    min-width: 0;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  progress {
    flex: 1;
    max-width: 240px;
    height: 8px;
    border: 1px solid var(--ink);
    accent-color: var(--ink);
  }
</style>
