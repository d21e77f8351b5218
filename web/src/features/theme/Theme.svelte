<script lang="ts">
  import { Resource } from '../../bench/resource.svelte';
  import type { Suggestion, SuggestionPolicy } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import { addressOf } from '../../bench/route.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import EditableText from '../../ui/EditableText.svelte';
  import StationTitle from '../../ui/StationTitle.svelte';
  import FillSlot from './FillSlot.svelte';
  import GivenUpList from './GivenUpList.svelte';
  import SlotRow from './SlotRow.svelte';
  import ThemeTabs from './ThemeTabs.svelte';
  import TintTable from './TintTable.svelte';
  import { warningWords } from './warnings';

  const bench = useBench();
  const doing = new Doing();

  const slots = $derived(bench.theme.slots);
  /** Of the kept theme, not of what a hanging ticket would make of it: a new line would move the rows under the pointer. */
  const warnings = $derived.by(() => {
    const { slots, warnings } = bench.themes.shownAsKept;
    return slots.some((slot) => slot.hex)
      ? warnings
          .filter(({ kind }) => kind !== 'neon-tints')
          .sort((one, other) => Number(one.note) - Number(other.note))
      : [];
  });
  /** Slots whose tints are neon, and what would not be; said beside the slot itself. */
  const neon = $derived(
    new Map(
      bench.theme.warnings
        .filter(({ kind }) => kind === 'neon-tints')
        .map(({ slot, instead }) => [slot ?? '', instead]),
    ),
  );

  let filling = $state<string>();
  const policy = $derived(bench.theme.policy);

  async function heed(wish: Partial<SuggestionPolicy>) {
    await doing.do(() => bench.themes.setPolicy(wish));
  }

  /** What was suggested last, of which theme. */
  let made = $state.raw<{ theme: string; suggestion: Suggestion }>();
  let writing = $state(false);
  /** Id of the theme that the slots are shown beside; empty: none. */
  let beside = $state('');

  const other = $derived(bench.brand.themes.find(({ id }) => id === beside && id !== bench.theme.id));

  /** Told anew whenever one of the two may have changed. */
  const compared = new Resource(() => {
    const id = other?.id;
    return id
      ? {
          key: `${bench.brand.revision} ${bench.theme.id} ${id}`,
          ask: (signal) => bench.themes.differences(id, signal),
        }
      : undefined;
  });
  const differences = $derived(compared.value ?? []);

  function besideOf(code: string) {
    const slot = other?.slots.find((candidate) => candidate.slot === code);
    return slot && { slot, difference: differences.find((found) => found.slot === code)?.difference };
  }

  async function suggest() {
    await doing.do(async () => {
      const theme = bench.theme.id;
      made = { theme, suggestion: await bench.themes.suggestTheme() };
      bench.say(
        policy.keep.length === 0
          ? 'All twelve slots are filled; the reason stands beside each.'
          : `${12 - policy.keep.length} slots are filled, ${policy.keep.length} kept; the reason stands beside each.`,
        true,
      );
    });
  }
</script>

<StationTitle name="Theme">
  {#snippet beside()}
    <div class="name">
      <EditableText
        label="Name of the theme"
        value={bench.theme.name}
        onsave={(name) => bench.themes.renameTheme(name)}
      />
    </div>
  {/snippet}
  <select
    aria-label="Accents that the brand has no colour for"
    value={policy.spare}
    onchange={(event) => heed({ spare: event.currentTarget.value as SuggestionPolicy['spare'] })}
  >
    <option value="derive">spares derived</option>
    <option value="repeat">spares repeated</option>
    <option value="black-and-grey">spares black, grey</option>
  </select>
  <select
    aria-label="Where the highlight stands"
    value={policy.highlight}
    onchange={(event) => heed({ highlight: event.currentTarget.value as SuggestionPolicy['highlight'] })}
  >
    <option value="last">highlight last</option>
    <option value="in-order-of-use">highlight in order</option>
  </select>
  <select
    aria-label="Where the link colours come from"
    value={policy.links}
    onchange={(event) => heed({ links: event.currentTarget.value as SuggestionPolicy['links'] })}
  >
    <option value="brand">brand links</option>
    <option value="customary">customary links</option>
  </select>
  <Button look="main" onclick={suggest}>
    {slots.some((slot) => slot.hex) ? 'Suggest again' : 'Suggest'}
  </Button>
</StationTitle>
<ThemeTabs {beside} onbeside={(id) => (beside = id)} />
<Complaint text={doing.problem ?? compared.problem} />
{#if bench.brand.swatches.length === 0}
  <p class="hint">
    The palette is empty, so a suggestion is black and white. <a href={addressOf(bench.id, 'gather')}
      >Gather</a
    > colours first.
  </p>
{/if}
{#if warnings.length > 0}
  <ul class="warnings" aria-label="Warnings">
    {#each warnings as warning, index (index)}
      <li class:note={warning.note}>{warning.note ? 'Note: ' : ''}{warningWords(warning)}</li>
    {/each}
  </ul>
{/if}
{#if made && made.theme === bench.theme.id}
  <GivenUpList suggestion={made.suggestion} />
{/if}

<table>
  <thead>
    <tr>
      <th scope="col">Slot</th>
      <th scope="col">Colour</th>
      <th scope="col">From, and why</th>
      {#if other}
        <th scope="col">In {other.name}</th>
      {:else}
        <th scope="col"
          >Tints
          <button type="button" class="written" onclick={() => (writing = true)}
            >as documents write them</button
          ></th
        >
      {/if}
      <th scope="col" class="number">on L1</th>
      <th scope="col" class="number">on L2</th>
      <th scope="col" class="number">on D1</th>
      <th scope="col" class="number">on D2</th>
    </tr>
  </thead>
  <tbody>
    {#each slots as slot (slot.slot)}
      <SlotRow
        {slot}
        beside={besideOf(slot.slot)}
        kept={policy.keep.includes(slot.slot)}
        neon={neon.has(slot.slot) ? { instead: neon.get(slot.slot) } : undefined}
        onkeep={() => doing.do(() => bench.themes.toggleKept(slot.slot))}
        onopen={() => (filling = slot.slot)}
      />
    {/each}
  </tbody>
</table>
<p class="legend">
  <span>● text</span> <span>◐ large text and graphics</span> <span>╳ neither</span>
  <span class="gap"></span>
  <span>Drag a ticket from the strip onto a slot, or press its colour. A tint is copied by a click.</span>
</p>

{#if writing}
  <TintTable onclose={() => (writing = false)} />
{/if}
{#if filling}
  <FillSlot slot={filling} onclose={() => (filling = undefined)} />
{/if}

<style>
  .warnings {
    display: grid;
    gap: 2px;
    margin-bottom: 10px;
  }

  .warnings li {
    padding: 2px 10px;
    border-left: 4px solid var(--ink);
    background: var(--paper);
  }

  .warnings .note {
    border-left: 1.5px solid var(--ink-3);
    background: none;
    color: var(--ink-2);
  }

  .name {
    width: 160px;
  }

  select {
    max-width: 134px;
  }

  .written {
    color: var(--ink);
    text-decoration: underline;
  }

  .gap {
    flex: 1;
  }

  .hint {
    padding: 6px 0;
  }

  table {
    width: 100%;
    border-collapse: collapse;
  }

  th {
    height: 24px;
    padding: 0 3px;
    border-bottom: var(--rule);
    color: var(--ink-2);
    font-size: var(--size-small);
    font-weight: 400;
    text-align: start;
    white-space: nowrap;
  }

  .number {
    text-align: end;
  }

  .legend {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 16px;
    margin-top: 8px;
    color: var(--ink-2);
    font-size: var(--size-small);
    line-height: 16px;
  }
</style>
