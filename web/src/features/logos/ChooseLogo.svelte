<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { FormName } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';

  interface Props {
    /** What the file is to be; nothing: the primary logo, or what is said afterwards. */
    form?: FormName;
    look?: 'main' | 'plain' | 'quiet';
    children: Snippet;
  }

  const { form, look = 'plain', children }: Props = $props();
  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  let input: HTMLInputElement;

  function onchange() {
    const files = [...(input.files ?? [])];
    input.value = '';
    void doing.do(() => bench.takeLogos(files, form));
  }
</script>

<Button {look} onclick={() => input.click()}>{@render children()}</Button>
<input
  bind:this={input}
  class="visually-hidden"
  type="file"
  accept=".svg,.png,.pdf,.webp,.gif,.jpg,.jpeg,.bmp,image/*,application/pdf"
  multiple={!form}
  tabindex="-1"
  aria-label="Logo files to take in{form ? ` as ${form}` : ''}"
  {onchange}
/>
