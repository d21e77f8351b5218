<script lang="ts">
  import { messageOf } from '../api/problem';

  interface Props {
    code: string;
    /** Whose code it is, for those who do not see it beside the color. */
    of: string;
    oncopied: (code: string) => void;
    onfail: (why: string) => void;
  }

  const { code, of, oncopied, onfail }: Props = $props();

  async function copy() {
    try {
      await navigator.clipboard.writeText(code);
      oncopied(code);
    } catch (error) {
      onfail(`The browser did not let ${code} be copied: ${messageOf(error)}`);
    }
  }
</script>

<button type="button" aria-label="Copy {code}, {of}" title="Click copies it" onclick={copy}>{code}</button>

<style>
  button {
    min-height: 24px;
    padding: 2px 4px;
    font: 400 var(--size-small) / 16px var(--code);
    white-space: nowrap;
    text-decoration: underline dotted var(--hair);
    text-underline-offset: 3px;
  }

  button:hover {
    background: var(--paper);
  }
</style>
