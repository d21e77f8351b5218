<script lang="ts">
  import type { Remark } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import type { Carrying } from '../carry/carrying.svelte';
  import RemarkLine from './RemarkLine.svelte';
  import { isBesideSwatch, namesOf, remarkWords } from './remarks';

  /** What there is to remark on the palette as a whole, and what was put aside. */
  interface Props {
    carrying: Carrying;
    onmissing: () => void;
  }

  const { carrying, onmissing }: Props = $props();
  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  const spoken = $derived(bench.brand.remarks.filter((remark) => !remark.aside && !isBesideSwatch(remark)));
  const aside = $derived(bench.brand.remarks.filter((remark) => remark.aside));

  async function remedy(remark: Remark) {
    const [kept, other] = remark.swatches;
    const leaving = bench.brand.swatches.find(({ id }) => id === other);
    if (remark.kind === 'nearly-the-same' && kept && leaving) {
      await carrying.merge(leaving, kept);
    } else if (remark.kind === 'too-many') {
      await bench.palette.sortSwatches(remark.swatches, 'Extended');
      bench.say('The core is smaller; the others stand in Extended.', true);
    } else {
      onmissing();
    }
  }

  async function speakAgain(remark: Remark) {
    await doing.do(async () => {
      await bench.palette.putAside(remark.key, false);
    });
  }
</script>

{#if spoken.length > 0 || aside.length > 0}
  <section aria-label="Remarks">
    {#each spoken as remark (remark.key)}<RemarkLine {remark} onremedy={remedy} />{/each}
    {#if aside.length > 0}
      <details>
        <summary>{aside.length === 1 ? '1 remark' : `${aside.length} remarks`} put aside</summary>
        {#each aside as remark (remark.key)}
          <p>
            {remarkWords(remark, namesOf(bench.brand.swatches))}
            <Button look="quiet" onclick={() => speakAgain(remark)}>Bring it back</Button>
          </p>
        {/each}
      </details>
    {/if}
  </section>
{/if}

<style>
  section {
    display: grid;
    gap: 4px;
    margin-bottom: 10px;
  }

  details,
  p {
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  summary {
    cursor: pointer;
  }
</style>
