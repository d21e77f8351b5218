<script lang="ts">
  import { logoOf, pictureOf } from '../../api/addresses';
  import { useBench } from '../../bench/bench.svelte';
  import { Resource } from '../../bench/resource.svelte';
  import SheetDrawing from '../../ui/SheetDrawing.svelte';

  /** The first page of the guide, small. */
  interface Props {
    /** Id of the one that it is made in. */
    theme: string;
  }

  const { theme }: Props = $props();
  const bench = useBench();

  const guide = new Resource(() => ({
    key: `${theme} ${bench.brand.revision}`,
    ask: (signal) => bench.guide.read(theme, false, signal),
  }));
  const first = $derived(guide.value?.pages[0]);
</script>

{#if first}
  <div>
    <SheetDrawing
      page={first}
      label="First page of the guide"
      logo={(mark, width) =>
        logoOf(bench.id, mark.form ?? 'primary', mark.version ?? 'light', width, `${bench.brand.revision}`)}
      picture={(source) => pictureOf(bench.id, source)}
    />
  </div>
{/if}

<style>
  div {
    max-width: 52px;
    outline: 1px solid var(--hair);
  }
</style>
