<script lang="ts">
  import { onDestroy } from 'svelte';
  import type { Brand, MoodWord } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import Segments from '../../ui/Segments.svelte';
  import CarryThrough from '../carry/CarryThrough.svelte';

  interface Props {
    onclose: () => void;
  }

  const { onclose }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  const WORDS: readonly MoodWord[] = [
    'warmer',
    'cooler',
    'quieter',
    'livelier',
    'softer',
    'fresher',
    'earthier',
    'deeper',
    'darker',
    'paler',
  ];

  const AMOUNTS = [
    { value: '0.35', name: 'a little' },
    { value: '0.7', name: 'clearly' },
    { value: '1', name: 'fully' },
  ] as const;

  let word = $state<MoodWord>();
  let amount = $state<(typeof AMOUNTS)[number]['value']>('0.7');
  let shown = $state.raw<Brand>();

  onDestroy(() => bench.kept.endPreview());

  async function look(chosen: MoodWord | undefined, much: typeof amount) {
    word = chosen;
    amount = much;
    if (!chosen) {
      return;
    }
    await doing.do(async () => {
      shown = await bench.palette.tryMood({ word: chosen, amount: Number(much) });
    });
  }

  async function apply() {
    if (word) {
      const made = word.toLowerCase();
      await bench.palette.applyMood({ word, amount: Number(amount) });
      bench.say(`The palette is ${made} now.`, true);
      onclose();
    }
  }
</script>

<section aria-label="Mood words">
  <p>
    What should the palette become? Strip and specimens show it at once; papers and inks keep their lightness.
  </p>
  <div class="words" role="group" aria-label="Mood">
    {#each WORDS as each (each)}
      <button type="button" aria-pressed={each === word} onclick={() => look(each, amount)}>
        {each.toLowerCase()}
      </button>
    {/each}
    <Segments label="How much" options={AMOUNTS} value={amount} onchange={(much) => look(word, much)} />
  </div>
  <Complaint text={doing.problem} />
  {#if word && shown?.consequences}
    {#key word + amount}
      <CarryThrough
        what="The palette becomes {word.toLowerCase()}"
        consequences={shown.consequences}
        oncarry={apply}
        onleave={onclose}
      />
    {/key}
  {/if}
</section>

<style>
  section {
    display: grid;
    gap: 10px;
    margin-bottom: 12px;
    padding: 12px 14px;
    border: var(--rule);
  }

  .words {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    align-items: center;
  }

  button {
    min-height: 28px;
    padding: 3px 10px;
    border: var(--rule);
    font-weight: 600;
  }

  button[aria-pressed='true'] {
    background: var(--ink);
    color: var(--paper);
  }
</style>
