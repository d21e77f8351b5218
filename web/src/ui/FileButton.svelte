<script lang="ts">
  import Button from './Button.svelte';

  /** Opens the computer's own dialog for choosing files. */
  interface Props {
    look?: 'main' | 'plain' | 'quiet';
    words: string;
    /** What the files are for. */
    label: string;
    /** Endings and media types, as HTML lists them. */
    accept: string;
    ontake: (files: File[]) => void;
  }

  const { look = 'plain', words, label, accept, ontake }: Props = $props();

  let input: HTMLInputElement;

  function onchange() {
    ontake([...(input.files ?? [])]);
    input.value = '';
  }
</script>

<Button {look} onclick={() => input.click()}>{words}</Button>
<input
  bind:this={input}
  class="visually-hidden"
  type="file"
  {accept}
  multiple
  tabindex="-1"
  aria-label={label}
  {onchange}
/>
