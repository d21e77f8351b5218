<script lang="ts">
  import { fileContentOf, graphicPngOf } from '../../api/addresses';
  import type { ExistingFile } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';

  /** What goes out of a graphic: itself, as pixels, and among the brand's elements. */
  interface Props {
    file: ExistingFile;
  }

  const { file }: Props = $props();
  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));
  const stem = $derived(file.name.replace(/\.[^.]{1,5}$/, ''));

  function toElements() {
    void doing.once(async () => {
      await bench.keepAsElement(await bench.existing.ask.content(file), stem);
      bench.say(`${stem} is one of the brand’s elements: at Logos, and in the guide.`, true);
    });
  }
</script>

<Button look="quiet" disabled={doing.adding} onclick={toElements}>To the elements</Button>
<a href={fileContentOf(bench.id, file.id)} download={file.name}>Download</a>
{#if file.kind === 'svg'}
  <span>
    PNG
    {#each [1, 2, 3, 4] as scale (scale)}
      <a href={graphicPngOf(bench.id, file.id, scale)} download aria-label="PNG {scale}x">{scale}x</a>
    {/each}
  </span>
{/if}

<style>
  a {
    padding: 4px;
    font-weight: 600;
  }

  span {
    white-space: nowrap;
  }

  span a {
    padding: 4px 2px;
  }
</style>
