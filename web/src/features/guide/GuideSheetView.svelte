<script lang="ts">
  import { logoOf, pictureOf } from '../../api/addresses';
  import type { GuidePage, GuideSection, SectionKind } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import SheetDrawing from '../../ui/SheetDrawing.svelte';
  import { carriedSection, carrySection } from './carried';
  import OnTheSheet from './OnTheSheet.svelte';

  interface Props {
    page: GuidePage;
    /** Of all pages. */
    count: number;
    sections: readonly GuideSection[];
    chosen: SectionKind | undefined;
    onchoose: (kind: SectionKind) => void;
  }

  const { page, count, sections, chosen, onchoose }: Props = $props();

  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  function sectionOf(kind: SectionKind): GuideSection | undefined {
    return sections.find((section) => section.kind === kind);
  }

  function share(length: number, of: number): string {
    return `${(length / of) * 100}%`;
  }

  /** Arrows move the section that has the focus. */
  function onkeydown(event: KeyboardEvent, kind: SectionKind) {
    const way = event.key === 'ArrowUp' ? -1 : event.key === 'ArrowDown' ? 1 : 0;
    const place = sections.findIndex((section) => section.kind === kind) + way;
    if (way !== 0 && place >= 0 && place < sections.length) {
      event.preventDefault();
      void doing.do(() => bench.guide.move(kind, place));
    }
  }

  function ondragover(event: DragEvent) {
    if (carriedSection(event)) {
      event.preventDefault();
    }
  }

  function ondrop(event: DragEvent, onto: SectionKind) {
    const kind = carriedSection(event);
    if (kind && kind !== onto) {
      event.preventDefault();
      event.stopPropagation();
      const place = sections.findIndex((section) => section.kind === onto);
      void doing.do(() => bench.guide.move(kind, place));
    }
  }
</script>

<figure>
  <SheetDrawing
    {page}
    label="Page {page.number} of {count}: {page.text}"
    logo={({ form, version }, width) => logoOf(bench.id, form, version, width, `${bench.brand.revision}`)}
    picture={(source) => pictureOf(bench.id, source)}
  />
  {#each page.sections as placed (placed.kind)}
    {@const section = sectionOf(placed.kind)}
    {#if section}
      <div
        class="section"
        class:chosen={placed.kind === chosen}
        data-section={placed.kind}
        style:left={share(placed.box.x, page.width)}
        style:top={share(placed.box.y, page.height)}
        style:width={share(placed.box.width, page.width)}
        style:height={share(placed.box.height, page.height)}
      >
        <button
          type="button"
          draggable="true"
          tabindex={placed.title ? 0 : -1}
          aria-label="{section.title || section.usualTitle} on page {page.number}"
          aria-pressed={placed.kind === chosen}
          onclick={() => onchoose(placed.kind)}
          onkeydown={(event) => onkeydown(event, placed.kind)}
          ondragstart={(event) => carrySection(event, placed.kind)}
          {ondragover}
          ondrop={(event) => ondrop(event, placed.kind)}
        ></button>
        {#if placed.kind === chosen && placed.title}
          <OnTheSheet {section} above={placed.box.y > 1} />
        {/if}
      </div>
    {/if}
  {/each}
</figure>

<style>
  figure {
    position: relative;
    margin: 0;
    align-self: start;
    outline: 1px solid var(--hair);
  }

  .section {
    position: absolute;
    /* What is written above it is seen too. */
    scroll-margin: 64px 0 24px;
  }

  button {
    position: absolute;
    inset: -4px;
    min-height: 0;
    background: transparent;
    cursor: pointer;
  }

  button:hover {
    outline: 1.5px dashed var(--ink);
  }

  .chosen > button {
    outline: 2px solid var(--ink);
    outline-offset: 2px;
    box-shadow: 0 0 0 2px var(--paper);
  }
</style>
