<script lang="ts">
  import { tick } from 'svelte';
  import type { GuideSheet, SectionKind } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import { Resource } from '../../bench/resource.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import Segments from '../../ui/Segments.svelte';
  import StationTitle from '../../ui/StationTitle.svelte';
  import BoardWidth from './BoardWidth.svelte';
  import GuideSheetView from './GuideSheetView.svelte';
  import MoodDialog from './MoodDialog.svelte';
  import SectionList from './SectionList.svelte';
  import TakeAway from './TakeAway.svelte';
  import WordsDialog from './WordsDialog.svelte';

  interface Props {
    /** Whether the specimens stand beside the sheet. */
    specimens: boolean;
    onspecimens: () => void;
  }

  const { specimens, onspecimens }: Props = $props();

  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  const FORMATS = [
    { value: 'a4', name: 'A4' },
    { value: 'letter', name: 'Letter' },
    { value: 'slide', name: 'slide' },
    { value: 'board', name: 'board' },
  ] as const;
  const WAYS = [
    { value: 'upright', name: 'upright' },
    { value: 'lying', name: 'lying' },
  ] as const;
  const SPACINGS = [
    { value: 'close', name: 'close' },
    { value: 'even', name: 'even' },
    { value: 'wide', name: 'wide' },
  ] as const;

  let onePage = $state(false);
  let chosen = $state<SectionKind>();
  let open = $state<'words' | 'mood' | 'take'>();
  let desk = $state<HTMLElement>();

  const theme = $derived(bench.theme.id);
  const key = $derived(`${bench.brand.revision} ${theme} ${onePage}`);
  const read = new Resource(() => ({ key, ask: (signal) => bench.guide.read(theme, onePage, signal) }));
  const guide = $derived(read.value);
  const lying = $derived((guide?.pages[0]?.width ?? 1) > (guide?.pages[0]?.height ?? 2));

  async function lay(part: Partial<GuideSheet>) {
    if (guide) {
      const body = { ...guide.sheet, ...part };
      await doing.do(() => bench.guide.layOn(body));
    }
  }

  /** Chooses a section and shows where it stands. */
  async function choose(kind: SectionKind | undefined, scroll = true) {
    chosen = kind;
    await tick();
    if (kind && scroll) {
      desk?.querySelector(`[data-section='${kind}']`)?.scrollIntoView({ block: 'nearest' });
    }
  }
</script>

<div class="station">
  <StationTitle name="Guide" hint="As it will print">
    {#if guide}
      <Segments
        label="Sheet"
        options={FORMATS}
        value={guide.sheet.format}
        onchange={(format) => lay({ format })}
      />
      {#if guide.sheet.format === 'board'}
        <BoardWidth width={guide.sheet.board} onset={(board) => lay({ board })} />
      {:else if guide.sheet.format !== 'slide'}
        <Segments
          label="Way"
          options={WAYS}
          value={guide.sheet.lying ? 'lying' : 'upright'}
          onchange={(way) => lay({ lying: way === 'lying' })}
        />
      {/if}
      <Segments
        label="Room between"
        options={SPACINGS}
        value={guide.sheet.spacing}
        onchange={(spacing) => lay({ spacing })}
      />
      {#if guide.sheet.format !== 'board'}
        <button type="button" class="quiet" aria-pressed={onePage} onclick={() => (onePage = !onePage)}
          >On one page</button
        >
      {/if}
      <Button look="main" onclick={() => (open = 'take')}>Hand it over</Button>
    {/if}
  </StationTitle>
  <Complaint text={read.problem} />

  {#if guide}
    <div class="columns">
      <aside>
        <p class="also">
          <button type="button" onclick={() => (open = 'words')}>Words</button>
          <button type="button" onclick={() => (open = 'mood')}>Mood pictures</button>
          <button type="button" aria-pressed={specimens} onclick={onspecimens}>In use</button>
        </p>
        <SectionList
          sections={guide.sections}
          {onePage}
          {chosen}
          onchoose={(kind) => choose(kind)}
          onwords={() => (open = 'words')}
          onmood={() => (open = 'mood')}
        />
      </aside>
      <!-- What scrolls can be scrolled by keys. -->
      <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
      <div
        class="desk"
        class:lying
        class:board={guide.sheet.format === 'board'}
        bind:this={desk}
        tabindex="0"
        role="group"
        aria-label="Pages of the guide"
        aria-busy={read.slow}
      >
        {#each guide.pages as page (page.number)}
          <GuideSheetView
            {page}
            count={guide.pages.length}
            sections={guide.sections}
            chosen={onePage ? undefined : chosen}
            onchoose={(kind) => choose(kind, false)}
          />
        {/each}
      </div>
    </div>
    <p class="foot">
      <b>{guide.pages.length === 1 ? '1 page' : `${guide.pages.length} pages`}</b>
      {#if onePage}
        The most important sections that one page holds; the long guide stays as it is.
      {:else}
        A click on a section chooses it: its title and note are written on the sheet itself.
      {/if}
    </p>
  {:else}
    <p role="status">Laying the guide out…</p>
  {/if}
</div>

{#if guide && open === 'words'}
  <WordsDialog words={guide.words} onclose={() => (open = undefined)} />
{:else if guide && open === 'mood'}
  <MoodDialog mood={guide.mood} byHand={guide.byHand} onclose={() => (open = undefined)} />
{:else if guide && open === 'take'}
  <TakeAway {theme} pages={guide.pages} onclose={() => (open = undefined)} />
{/if}

<style>
  .station {
    display: grid;
    grid-template-rows: auto auto minmax(0, 1fr) auto;
    height: 100%;
  }

  .columns {
    display: grid;
    grid-template-columns: 232px minmax(0, 1fr);
    grid-row: 3;
    gap: 16px;
    min-height: 0;
  }

  aside {
    display: flex;
    flex-direction: column;
    min-height: 0;
  }

  .also {
    display: flex;
    gap: 12px;
    margin: 0 0 6px;
  }

  .also button,
  .quiet {
    padding: 4px 0;
    font-weight: 600;
    text-decoration: underline;
    text-underline-offset: 3px;
    white-space: nowrap;
  }

  .quiet[aria-pressed='true'],
  .also button[aria-pressed='true'] {
    text-decoration: none;
    box-shadow: inset 0 -3px 0 var(--ink);
  }

  .desk {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(340px, 100%), 1fr));
    gap: 14px;
    align-content: start;
    padding: 14px;
    overflow: auto;
    background: var(--well);
  }

  .lying {
    grid-template-columns: repeat(auto-fill, minmax(min(380px, 100%), 1fr));
  }

  .board {
    grid-template-columns: minmax(0, 1fr);
  }

  .foot {
    grid-row: 4;
    margin: 8px 0 0;
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  .foot b {
    margin-right: 8px;
    color: var(--ink);
  }

  @media (max-width: 899px) {
    .station {
      height: auto;
    }

    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
