<script lang="ts">
  import { deliveryOf, guidePictureOf } from '../../api/addresses';
  import type { GuidePage } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { addressOf } from '../../bench/route.svelte';
  import Dialog from '../../ui/Dialog.svelte';
  import Segments from '../../ui/Segments.svelte';

  interface Props {
    /** Id of the theme that it is made in. */
    theme: string;
    pages: readonly GuidePage[];
    onclose: () => void;
  }

  const { theme, pages, onclose }: Props = $props();
  const bench = useBench();

  const FILES = [
    {
      kind: 'guide-pdf',
      name: 'For the screen, PDF',
      use: 'Bookmarks, links and codes that can be copied; it can be read aloud (PDF/UA-1) and kept (PDF/A-2a).',
    },
    {
      kind: 'guide-press',
      name: 'For the press, PDF',
      use: 'Process inks for coated paper by FOGRA39, 3 mm bleed and crop marks; prepared as PDF/X-4.',
    },
    { kind: 'guide-one-page', name: 'On one page, PDF', use: 'Only the most important of it.' },
    {
      kind: 'guide-html',
      name: 'Page for the web, HTML',
      use: 'One file that needs no other; it folds for a telephone, and a click copies a code.',
    },
    {
      kind: 'guide-slides',
      name: 'Slides, PPTX',
      use: 'The same sections on slides of the presentation template.',
    },
  ] as const;

  const SCALES = [
    { value: '1', name: '1x' },
    { value: '2', name: '2x' },
    { value: '3', name: '3x' },
    { value: '4', name: '4x' },
  ] as const;

  const PICTURES = [
    {
      kind: 'guide-png',
      name: 'PNG',
      use: 'Every colour exactly; without the paper its ground is transparent.',
      most: 240,
    },
    {
      kind: 'guide-jpeg',
      name: 'JPEG',
      use: 'Colours may be off by one in each channel: that is how JPEG is made. Always on paper.',
      most: 50,
    },
  ] as const;

  /** Pixels to a point at 1x. */
  const FINE = 4 / 3;

  let scale = $state<'1' | '2' | '3' | '4'>('2');
  let page = $state('all');
  let paper = $state(true);

  const complete = $derived(bench.theme.slots.every((slot) => slot.hex));
  /** Of what is chosen; in millions of pixels. */
  const megapixels = $derived(
    (pages
      .filter(({ number }) => page === 'all' || number === Number(page))
      .reduce((sum, { width, height }) => sum + width * height, 0) *
      (FINE * Number(scale)) ** 2) /
      1e6,
  );
  const picture = $derived({
    scale: Number(scale),
    page: page === 'all' ? undefined : Number(page),
    paper,
  });
</script>

<Dialog title="Hand the guide over" wide {onclose}>
  <ul>
    {#each FILES as { kind, name, use } (kind)}
      <li>
        {#if kind === 'guide-slides' && !complete}
          <b>{name}</b>
          <span>
            Needs all twelve theme slots;
            <a href={addressOf(bench.id, 'theme')}>fill them in Theme</a>.
          </span>
        {:else}
          <a href={deliveryOf(bench.id, kind, theme)} download>{name}</a>
          <span>{use}</span>
        {/if}
      </li>
    {/each}
  </ul>
  <h3>Pictures</h3>
  <div class="pictures">
    <Segments label="Scale" options={SCALES} value={scale} onchange={(chosen) => (scale = chosen)} />
    {#if pages.length > 1}
      <label>
        Pages
        <select aria-label="Which pages" bind:value={page}>
          <option value="all">all, beneath each other</option>
          {#each pages as { number } (number)}
            <option value={String(number)}>page {number}</option>
          {/each}
        </select>
      </label>
    {/if}
    <label><input type="checkbox" bind:checked={paper} /> with the paper</label>
  </div>
  <ul>
    {#each PICTURES as { kind, name, use, most } (kind)}
      <li>
        {#if megapixels > most}
          <b>{name}</b>
          <span>
            This would have {Math.round(megapixels)} megapixels, and at most {most} can be made at once: choose
            one page, or a smaller scale.
          </span>
        {:else}
          <a href={guidePictureOf(bench.id, kind, theme, picture)} download>{name}</a>
          <span>{use}</span>
        {/if}
      </li>
    {/each}
  </ul>
  <p>
    The parcel with everything else is made in <a href={addressOf(bench.id, 'handover')}>Hand over</a>.
  </p>
</Dialog>

<style>
  ul {
    margin: 0 0 12px;
    padding: 0;
    list-style: none;
  }

  li {
    display: grid;
    grid-template-columns: 200px minmax(0, 1fr);
    gap: 12px;
    padding: 6px 0;
    border-bottom: var(--hairline);
  }

  li a {
    font-weight: 600;
  }

  h3 {
    margin: 8px 0;
    font-size: var(--size-text);
  }

  .pictures {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 20px;
    align-items: center;
  }

  label {
    display: flex;
    gap: 6px;
    align-items: center;
  }
</style>
