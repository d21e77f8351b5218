<script lang="ts">
  import { messageOf } from '../../api/problem';
  import { useBench } from '../../bench/bench.svelte';
  import Button from '../../ui/Button.svelte';

  const bench = useBench();

  let input: HTMLInputElement;
  let everyBrand = $state(false);

  function onchange() {
    void bench.takeFonts([...(input.files ?? [])], everyBrand).catch((error) => bench.say(messageOf(error)));
    input.value = '';
  }
</script>

<label><input type="checkbox" bind:checked={everyBrand} /> for every brand</label>
<Button onclick={() => input.click()}>Choose font files</Button>
<input
  bind:this={input}
  class="visually-hidden"
  type="file"
  accept=".ttf,.otf,.ttc,.otc,font/ttf,font/otf,font/collection"
  multiple
  tabindex="-1"
  aria-label="Font files to take in"
  {onchange}
/>

<style>
  label {
    display: flex;
    gap: 4px;
    align-items: center;
    font-size: var(--size-small);
  }
</style>
