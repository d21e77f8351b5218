<script lang="ts">
  import ChevronDown from '@lucide/svelte/icons/chevron-down';
  import ChevronUp from '@lucide/svelte/icons/chevron-up';
  import GripVertical from '@lucide/svelte/icons/grip-vertical';
  import { tick } from 'svelte';
  import type { GuideSection, SectionKind } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Segments from '../../ui/Segments.svelte';
  import { carriedSection, carrySection } from './carried';

  interface Props {
    sections: readonly GuideSection[];
    /** Whether the short guide is looked at. */
    onePage: boolean;
    chosen: SectionKind | undefined;
    onchoose: (kind: SectionKind | undefined) => void;
    onwords: () => void;
    onmood: () => void;
  }

  const { sections, onePage, chosen, onchoose, onwords, onmood }: Props = $props();

  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  const SHARES = [
    { value: 'third', name: '⅓' },
    { value: 'half', name: '½' },
    { value: 'full', name: 'full' },
  ] as const;

  /** Sections whose words or pictures are given beside the sheet. */
  const SAID: readonly SectionKind[] = ['voice', 'files', 'contact'];

  let list = $state<HTMLElement>();
  let over = $state<number>();

  function titleOf({ title, usualTitle }: GuideSection): string {
    return title || usualTitle;
  }

  function stateOf({ shown, missing, page }: GuideSection): string {
    if (!shown) {
      return 'left out';
    }
    if (missing) {
      return missing;
    }
    return page ? `page ${page}` : onePage ? 'not on the one page' : '';
  }

  async function show(section: GuideSection, shown: boolean) {
    await doing.do(() => bench.guide.setSection(section.kind, { shown }));
  }

  async function move(kind: SectionKind, place: number) {
    if (place >= 0 && place < sections.length) {
      await doing.do(() => bench.guide.move(kind, place));
    }
  }

  async function onkeydown(event: KeyboardEvent, kind: SectionKind, place: number) {
    const way = event.key === 'ArrowUp' ? -1 : event.key === 'ArrowDown' ? 1 : 0;
    if (way !== 0) {
      event.preventDefault();
      await move(kind, place + way);
      await tick();
      list?.querySelector<HTMLElement>(`[data-grip='${kind}']`)?.focus();
    }
  }

  function ondrop(event: DragEvent, place: number) {
    const kind = carriedSection(event);
    over = undefined;
    if (kind) {
      event.preventDefault();
      event.stopPropagation();
      void move(kind, place);
    }
  }

  function ondragover(event: DragEvent, place: number) {
    if (carriedSection(event)) {
      event.preventDefault();
      over = place;
    }
  }
</script>

<ul bind:this={list} aria-label="Sections of the guide">
  {#each sections as section, place (section.kind)}
    {@const name = titleOf(section)}
    <li
      class:chosen={section.kind === chosen}
      class:over={over === place}
      ondragover={(event) => ondragover(event, place)}
      ondragleave={() => (over = undefined)}
      ondrop={(event) => ondrop(event, place)}
    >
      <input
        type="checkbox"
        aria-label="{name} in the guide"
        checked={section.shown}
        onchange={(event) => show(section, event.currentTarget.checked)}
      />
      <button
        type="button"
        class="name"
        aria-expanded={section.kind === chosen}
        onclick={() => onchoose(section.kind === chosen ? undefined : section.kind)}
      >
        <b>{name}</b>
        <span class:lost={section.shown && section.missing}>{stateOf(section)}</span>
      </button>
      <button
        type="button"
        class="grip"
        data-grip={section.kind}
        draggable="true"
        aria-label="Move {name}, place {place + 1} of {sections.length}; arrow keys move it"
        ondragstart={(event) => carrySection(event, section.kind)}
        onkeydown={(event) => onkeydown(event, section.kind, place)}
      >
        <GripVertical size={16} aria-hidden="true" />
      </button>
      {#if section.kind === chosen}
        <div class="more">
          {#if section.kind !== 'title'}
            <Segments
              label="Width of {name}"
              options={SHARES}
              value={section.share}
              onchange={(share) => doing.do(() => bench.guide.setSection(section.kind, { share }))}
            />
          {/if}
          <button type="button" aria-label="{name} one place up" onclick={() => move(section.kind, place - 1)}
            ><ChevronUp size={18} aria-hidden="true" /></button
          >
          <button
            type="button"
            aria-label="{name} one place down"
            onclick={() => move(section.kind, place + 1)}><ChevronDown size={18} aria-hidden="true" /></button
          >
          {#if section.kind === 'mood'}
            <button type="button" class="words" onclick={onmood}>Choose pictures</button>
          {:else if SAID.includes(section.kind)}
            <button type="button" class="words" onclick={onwords}>Say it</button>
          {/if}
        </div>
      {/if}
    </li>
  {/each}
</ul>

<style>
  ul {
    flex: 1;
    margin: 0;
    padding: 3px 6px 3px 3px;
    border-right: var(--rule);
    overflow: auto;
    list-style: none;
  }

  li {
    display: grid;
    grid-template-columns: 20px minmax(0, 1fr) 24px;
    gap: 0 6px;
    align-items: center;
    padding: 3px 4px;
    border-bottom: var(--hairline);
  }

  .chosen {
    outline: 3px solid var(--ink);
    outline-offset: -1px;
    background: var(--paper);
  }

  .over {
    box-shadow: inset 0 3px 0 var(--ink);
  }

  .name {
    display: grid;
    padding: 2px 0;
    text-align: left;
    line-height: 16px;
  }

  .name span {
    color: var(--ink-2);
    font-size: var(--size-small);
    line-height: 14px;
  }

  .lost {
    padding-left: 12px;
    background: var(--hatch) left / 7px 100% no-repeat;
  }

  .grip {
    display: grid;
    place-items: center;
    min-height: 28px;
    cursor: grab;
  }

  .more {
    display: flex;
    flex-wrap: wrap;
    grid-column: 1 / -1;
    gap: 4px;
    align-items: center;
    padding: 4px 0 4px 26px;
  }

  .more > button {
    display: grid;
    place-items: center;
    min-width: 28px;
    min-height: 28px;
  }

  .words {
    text-decoration: underline;
    text-underline-offset: 3px;
  }

  @media (max-width: 899px) {
    ul {
      border-right: 0;
    }
  }
</style>
