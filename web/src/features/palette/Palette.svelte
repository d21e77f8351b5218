<script lang="ts">
  import { SvelteSet } from 'svelte/reactivity';
  import { answered, api } from '../../api/client';
  import type { PaletteOrder } from '../../api/types';
  import AddSwatch from './AddSwatch.svelte';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import { Resource } from '../../bench/resource.svelte';
  import { addressOf } from '../../bench/route.svelte';
  import Button from '../../ui/Button.svelte';
  import StationTitle from '../../ui/StationTitle.svelte';
  import { Carrying } from '../carry/carrying.svelte';
  import Companions from './Companions.svelte';
  import GroupTitle from './GroupTitle.svelte';
  import MissingColors from './MissingColors.svelte';
  import MoodPanel from './MoodPanel.svelte';
  import Palettes from './Palettes.svelte';
  import PaletteRemarks from './PaletteRemarks.svelte';
  import PendingChange from '../carry/PendingChange.svelte';
  import SwatchRow from './SwatchRow.svelte';

  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  const ORDERS = [
    { value: 'use', name: 'use' },
    { value: 'appearance', name: 'appearance in the logo' },
    { value: 'lightness', name: 'lightness' },
    { value: 'hue', name: 'hue' },
  ] as const satisfies readonly { value: PaletteOrder; name: string }[];

  let open = $state<'adding' | 'companions' | 'missing' | 'palettes'>();
  let mood = $state(false);
  const carrying = new Carrying(bench);
  /** Ids of the swatches whose mixer is open; it stays so when one moves to another group. */
  const mixed = new SvelteSet<string>();

  function mix(id: string) {
    if (!mixed.delete(id)) {
      mixed.add(id);
    }
  }

  const swatches = $derived(bench.brand.swatches);
  const asked = new Resource(() => ({
    key: String(bench.brand.revision),
    ask: (signal) =>
      answered(api.GET('/api/brands/{id}/palette/codes', { params: { path: { id: bench.id } }, signal })),
  }));
  const codes = $derived(new Map((asked.value ?? []).map((each) => [each.swatch, each])));
  /** Groups with something in them, and own ones; titles only where there is more than the core. */
  const groups = $derived(
    bench.brand.groups
      .map((group) => ({ group, swatches: swatches.filter((swatch) => swatch.group === group.name) }))
      .filter((part) => part.swatches.length > 0 || part.group.own),
  );

  async function order(event: Event & { currentTarget: HTMLSelectElement }) {
    const chosen = ORDERS.find(({ value }) => value === event.currentTarget.value);
    event.currentTarget.value = '';
    if (chosen) {
      await doing.do(async () => {
        await carrying.order(() => ({
          what: `The palette stands by ${chosen.name}`,
          look: () => bench.palette.tryOrder(chosen.value),
          carry: async () => {
            await bench.palette.orderSwatches(chosen.value);
            bench.say(`The palette stands by ${chosen.name}.`, true);
          },
        }));
      });
    }
  }

  const copyAll = () =>
    doing.do(async () => {
      const params = { path: { id: bench.id, kind: 'text' as const } };
      const text = await answered(api.GET('/api/brands/{id}/deliveries/{kind}', { params, parseAs: 'text' }));
      await navigator.clipboard.writeText(text);
      bench.say('All codes of the palette are copied as text.');
    });
</script>

<StationTitle name="Palette" hint="A click on a code copies it.">
  {#if swatches.length > 1}
    <select aria-label="Order the palette" onchange={order}>
      <option value="">order by…</option>
      {#each ORDERS as { value, name } (value)}<option {value}>{name}</option>{/each}
    </select>
  {/if}
  {#if swatches.length > 0 || bench.brand.palettes.others.length > 0}
    <Button onclick={() => (open = 'palettes')}>
      {bench.brand.palettes.others.length > 0
        ? `${bench.brand.palettes.inForce}, of ${bench.brand.palettes.others.length + 1} palettes`
        : 'Other palettes'}
    </Button>
  {/if}
  <Button onclick={() => (open = 'adding')}>Add a colour</Button>
</StationTitle>

{#if swatches.length === 0}
  <p class="empty">
    No swatch yet. Take colours from a picture in <a href={addressOf(bench.id, 'gather')}>Gather</a>, or add
    one by its code.
  </p>
{:else}
  <div class="tools">
    {#if swatches.filter((swatch) => !swatch.offLimits).length >= 3}
      <Button onclick={() => (open = 'companions')}>Companions</Button>
    {/if}
    <Button onclick={() => (open = 'missing')}>Missing colours</Button>
    <Button aria-expanded={mood} onclick={() => (mood = !mood)}>Mood words</Button>
    <span></span>
    <Button look="quiet" onclick={copyAll}>Copy all codes as text</Button>
  </div>
  {#if mood}<MoodPanel onclose={() => (mood = false)} />{/if}
  <PendingChange {carrying} />
  <PaletteRemarks {carrying} onmissing={() => (open = 'missing')} />
  {#each groups as part (part.group.name)}
    {#if groups.length > 1}<GroupTitle group={part.group} count={part.swatches.length} {carrying} />{/if}
    <ol aria-label={part.group.name === 'Core' ? 'Swatches' : `Swatches of ${part.group.name}`}>
      {#each part.swatches as swatch (swatch.id)}
        {@const index = swatches.indexOf(swatch)}
        <SwatchRow
          {swatch}
          codes={codes.get(swatch.id)}
          {index}
          last={index === swatches.length - 1}
          {carrying}
          mixing={mixed.has(swatch.id)}
          onmix={() => mix(swatch.id)}
        />
      {/each}
    </ol>
  {/each}
{/if}

{#if open === 'companions'}
  <Companions onclose={() => (open = undefined)} />
{:else if open === 'palettes'}
  <Palettes onclose={() => (open = undefined)} />
{:else if open === 'missing'}
  <MissingColors onclose={() => (open = undefined)} />
{:else if open === 'adding'}
  <AddSwatch onclose={() => (open = undefined)} />
{/if}

<style>
  ol {
    border-top: var(--rule);
  }

  .tools {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
    margin-bottom: 10px;
  }

  .tools span {
    flex: 1;
  }

  .empty {
    padding: 24px;
    border: 1.5px dashed var(--ink-3);
  }
</style>
