<script lang="ts">
  import { useBench } from '../../bench/bench.svelte';
  import Button from '../../ui/Button.svelte';

  interface Props {
    look?: 'main' | 'plain' | 'quiet';
    words: string;
  }

  const { look = 'plain', words }: Props = $props();
  const bench = useBench();

  let input: HTMLInputElement;

  function onchange() {
    void bench.existing.take([...(input.files ?? [])]);
    input.value = '';
  }
</script>

<Button {look} onclick={() => input.click()}>{words}</Button>
<input
  bind:this={input}
  class="visually-hidden"
  type="file"
  accept=".pptx,.potx,.docx,.dotx,.xlsx,.xltx,.odp,.odt,.ods"
  multiple
  tabindex="-1"
  aria-label="Files to dress or check"
  {onchange}
/>
