<script lang="ts">
  import type { Slot } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import { carriedSwatch, carriesSwatch, droppedSwatch } from '../../ui/drag';
  import Ticket from '../../ui/Ticket.svelte';
  import { differenceWords, originOf, reasonOf } from './slots';
  import { slotName } from '../../words/slots';
  import Tints from './Tints.svelte';

  interface Props {
    slot: Slot;
    /** The same slot of another theme, beside which it is shown; its tints give way to it. */
    beside?: { slot: Slot; difference: number | undefined } | undefined;
    /** Whether a suggestion leaves it alone. */
    kept: boolean;
    /** Given where document programs make neon tints of it, with the nearest colour of which they do not. */
    neon?: { instead: string | undefined } | undefined;
    onkeep: () => void;
    onopen: () => void;
  }

  const { slot, beside, kept, neon, onkeep, onopen }: Props = $props();
  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  const GROUNDS = ['lt1', 'lt2', 'dk1', 'dk2'] as const;

  let over = $state(false);

  const name = $derived(slotName(slot.slot));

  let endPreview = () => {};

  function ondragenter(event: DragEvent) {
    ondragover(event);
    const swatchId = carriedSwatch();
    if (carriesSwatch(event) && swatchId && !over) {
      over = true;
      endPreview = bench.themes.previewSlot(slot.slot, { swatchId });
    }
  }

  /** A cell that is painted anew under the pointer is left too, but not the row. */
  function ondragleave(event: DragEvent & { currentTarget: HTMLElement }) {
    const to = event.relatedTarget as Node | null;
    if (carriesSwatch(event) && !event.currentTarget.contains(to)) {
      over = false;
      endPreview();
    }
  }

  /** Said on entering too: what is let go at once has moved over nothing yet. */
  function ondragover(event: DragEvent) {
    if (carriesSwatch(event)) {
      event.preventDefault();
    }
  }

  async function ondrop(event: DragEvent) {
    over = false;
    const swatchId = droppedSwatch(event);
    if (swatchId) {
      event.preventDefault();
      await doing.do(async () => {
        await bench.themes.fillSlot(slot.slot, { swatchId });
      });
    }
  }

  async function calm() {
    const hex = neon?.instead;
    if (hex) {
      await doing.do(async () => {
        await bench.themes.fillSlot(slot.slot, { hex });
        bench.say(`${name} is ${hex.slice(1)} now; its tints stay in the family.`, true);
      });
    }
  }

  function verdict(text: boolean, largeText: boolean): { mark: string; words: string } {
    if (text) {
      return { mark: '●', words: 'text' };
    }
    return largeText ? { mark: '◐', words: 'large text and graphics' } : { mark: '╳', words: 'neither' };
  }

  /** Never rounded up: 4.499 must not read as 4.5. */
  function shown(ratio: number): string {
    return (Math.floor(ratio * 10) / 10).toFixed(1);
  }
</script>

<tr class:over data-slot={slot.slot} {ondragenter} {ondragover} {ondragleave} {ondrop}>
  <th scope="row">
    {name}
    <label class="keep"
      ><input type="checkbox" checked={kept} aria-label="Keep {name}" onchange={onkeep} /> keep</label
    >
  </th>
  <td>
    <button type="button" aria-label="{name}, {slot.hex?.slice(1) ?? 'empty'}: change" onclick={onopen}>
      {#if slot.hex && slot.ink}
        <Ticket hex={slot.hex} ink={slot.ink} small />
      {:else}
        <span class="empty">empty</span>
      {/if}
    </button>
  </td>
  <td class="from">
    <b>{originOf(slot, bench.brand.swatches)}</b>
    <span>{reasonOf(slot)}</span>
    {#if neon}
      <span class="neon">
        neon tints{#if neon.instead}; calm:
          <button
            type="button"
            aria-label="{name}: take {neon.instead.slice(1)}, whose tints are calm"
            onclick={calm}>{neon.instead.slice(1)}</button
          >{/if}
      </span>
    {/if}
  </td>
  <td>
    {#if beside}
      <span class="beside">
        {#if beside.slot.hex && beside.slot.ink}
          <Ticket hex={beside.slot.hex} ink={beside.slot.ink} small />
        {:else}
          <span class="empty">empty</span>
        {/if}
        {differenceWords(beside.difference)}
      </span>
    {:else}
      <Tints {slot} />
    {/if}
  </td>
  {#each GROUNDS as ground (ground)}
    {@const on = slot.on.find((candidate) => candidate.ground === ground)}
    <td class="number" class:fails={on && !on.largeText}>
      {#if on}
        {@const { mark, words } = verdict(on.text, on.largeText)}
        {shown(on.ratio)}
        <span aria-hidden="true">{mark}</span><span class="visually-hidden">{words}</span>
      {:else}
        <span aria-hidden="true">·</span>
      {/if}
    </td>
  {/each}
</tr>

<style>
  .keep {
    display: flex;
    gap: 4px;
    align-items: center;
    color: var(--ink-2);
    font-size: var(--size-small);
    font-weight: 400;
    line-height: 16px;
  }

  .keep input {
    width: 13px;
    height: 13px;
    margin: 0;
  }

  tr {
    border-bottom: var(--hairline);
  }

  .over {
    outline: 3px solid var(--ink);
    outline-offset: -3px;
    background: var(--paper);
  }

  th {
    width: 78px;
    padding: 0 3px;
    font-weight: 600;
    line-height: 16px;
    text-align: start;
  }

  td {
    height: 44px;
    padding: 0 3px;
  }

  button {
    display: block;
  }

  .empty {
    display: grid;
    place-items: center;
    width: 72px;
    height: 28px;
    border: 1.5px dashed var(--ink-3);
    font-size: var(--size-small);
  }

  .beside {
    display: flex;
    gap: 10px;
    align-items: center;
    min-width: 246px;
    font-size: var(--size-small);
  }

  .from {
    width: 172px;
    font-size: var(--size-small);
    line-height: 14px;
  }

  .from b {
    display: block;
    font-weight: 600;
  }

  .from span {
    color: var(--ink-2);
  }

  .neon {
    display: block;
  }

  .neon button {
    display: inline;
    min-width: 24px;
    padding: 2px 0;
    color: var(--ink);
    font: 400 var(--size-small) / 14px var(--code);
    text-decoration: underline;
  }

  .number {
    font: 400 var(--size-small) / 16px var(--code);
    text-align: end;
    white-space: nowrap;
  }

  .fails {
    color: var(--ink-3);
  }
</style>
