<script lang="ts">
  import type { Remark } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import { namesOf, remarkWords, remedyWords } from './remarks';

  interface Props {
    remark: Remark;
    onremedy: (remark: Remark) => Promise<void>;
  }

  const { remark, onremedy }: Props = $props();
  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  const words = $derived(remarkWords(remark, namesOf(bench.brand.swatches)));
  const remedy = $derived(remedyWords(remark));

  const putAside = () =>
    doing.do(async () => {
      await bench.palette.putAside(remark.key, true);
      bench.say('The remark is put aside.', true);
    });
</script>

<p>
  <span>{words}</span>
  {#if remedy}
    <Button look="quiet" onclick={() => doing.do(() => onremedy(remark))}>{remedy}</Button>
  {/if}
  <Button look="quiet" onclick={putAside}>Put aside<span class="visually-hidden">: {words}</span></Button>
</p>

<style>
  p {
    display: flex;
    gap: 0 8px;
    align-items: center;
    min-height: 28px;
    padding-left: 10px;
    border-left: 2px solid var(--ink);
    color: var(--ink);
    font-size: var(--size-small);
  }

  p :global(button) {
    min-height: 24px;
    padding: 2px 4px;
  }
</style>
