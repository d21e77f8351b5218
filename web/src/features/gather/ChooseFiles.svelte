<script lang="ts">
  import { useBench } from '../../bench/bench.svelte';
  import Button from '../../ui/Button.svelte';

  interface Props {
    look?: 'main' | 'plain';
    words?: string;
  }

  const { look = 'plain', words = 'Choose files' }: Props = $props();
  const bench = useBench();

  let input: HTMLInputElement;

  function onchange() {
    void bench.intake.take([...(input.files ?? [])]);
    input.value = '';
  }
</script>

<Button {look} onclick={() => input.click()}>{words}</Button>
<input
  bind:this={input}
  class="visually-hidden"
  type="file"
  accept="image/png,image/jpeg,image/svg+xml,image/webp,image/gif,image/bmp,application/pdf,.pptx,.potx,.docx,.dotx,.xlsx,.xltx,.odp,.odt,.ods,.odg,.css,.html,.htm,.json,.txt,.md,.csv"
  multiple
  tabindex="-1"
  aria-label="Files to take in"
  {onchange}
/>
