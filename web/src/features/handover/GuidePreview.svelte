<script lang="ts">
  import { logoOf, pictureOf } from '../../api/addresses';
  import type { GuidePage } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import SheetDrawing from '../../ui/SheetDrawing.svelte';

  /** The first page of the guide, small. */
  interface Props {
    page: GuidePage;
  }

  const { page }: Props = $props();
  const bench = useBench();
</script>

<div style:width={page.width > page.height ? '132px' : '54px'}>
  <SheetDrawing
    {page}
    label="First page of the guide"
    logo={({ form, version }, width) => logoOf(bench.id, form, version, width, `${bench.brand.revision}`)}
    picture={(source) => pictureOf(bench.id, source)}
  />
</div>

<style>
  div {
    outline: 1px solid var(--hair);
  }
</style>
