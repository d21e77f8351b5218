<script lang="ts">
  /** What went wrong, at the place where it happened. */
  interface Props {
    text: string | undefined;
  }

  const { text }: Props = $props();
</script>

<p role="alert" class:shown={text}>{text ?? ''}</p>

<style>
  p.shown {
    padding: 4px 8px;
    border-left: 4px solid var(--ink);
    background: var(--paper);
    font-weight: 600;
    white-space: pre-line;
  }
</style>
