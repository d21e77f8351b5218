<script lang="ts">
  import type { ReadyPalette } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import { HUES, MOODS, NUMBERS, ReadyShelf, type Wish } from './ready.svelte';
  import ReadyPaletteCard from './ReadyPaletteCard.svelte';

  const bench = useBench();
  const doing = new Doing();
  const shelf = new ReadyShelf();

  let wish = $state<Wish>({ text: '', hue: '', mood: '', colors: undefined });

  $effect(() => shelf.look(wish));
  // Whoever leaves stops trying.
  $effect(() => () => (bench.trial = undefined));

  function tryOn(palette: ReadyPalette) {
    if (bench.trial?.id === palette.id) {
      bench.trial = undefined;
    } else {
      void doing.do(() => bench.tryPalette(palette));
    }
  }
</script>

<p class="hint">A click tries one on the specimens; nothing changes until it is taken.</p>
<form class="wish" onsubmit={(event) => event.preventDefault()}>
  <label>
    Words
    <input type="search" bind:value={wish.text} maxlength="100" placeholder="fern, teal, dark blue" />
  </label>
  <label>
    Hue
    <select bind:value={wish.hue}>
      <option value="">any</option>
      {#each HUES as hue (hue)}<option value={hue}>{hue}</option>{/each}
    </select>
  </label>
  <label>
    Mood
    <select bind:value={wish.mood}>
      <option value="">any</option>
      {#each MOODS as mood (mood)}<option value={mood}>{mood}</option>{/each}
    </select>
  </label>
  <label>
    Colours
    <select bind:value={wish.colors}>
      <option value={undefined}>any number</option>
      {#each NUMBERS as number (number)}<option value={number}>{number}</option>{/each}
    </select>
  </label>
</form>
<Complaint text={doing.problem ?? shelf.problem} />
{#if shelf.palettes}
  <p class="count" role="status">
    {shelf.palettes.length === 1 ? '1 palette' : `${shelf.palettes.length} palettes`}{shelf.palettes
      .length === 0
      ? ': ask for less'
      : ''}
  </p>
  <ul aria-label="Ready palettes">
    {#each shelf.palettes as palette (palette.id)}
      <ReadyPaletteCard
        {palette}
        tried={bench.trial?.id === palette.id}
        ontry={() => tryOn(palette)}
        ontake={() => doing.once(() => bench.takePalette(palette))}
      />
    {/each}
  </ul>
{/if}

<style>
  .hint,
  .count {
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  .wish {
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
    margin: 10px 0;
  }

  .wish label {
    display: grid;
    gap: 2px;
    font-size: var(--size-small);
    font-weight: 600;
  }

  input {
    width: 220px;
    min-height: 32px;
    padding: 3px 6px;
    border: var(--rule);
    border-radius: 0;
    background: var(--paper);
    color: var(--ink);
    font-size: var(--size-text);
    font-weight: 400;
  }

  select {
    font-weight: 400;
  }

  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
    gap: 12px;
    margin-top: 8px;
  }
</style>
