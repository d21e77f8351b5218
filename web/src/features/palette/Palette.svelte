<script lang="ts">
  import { messageOf } from '../../api/problem';
  import type { PaletteOrder } from '../../api/types';
  import AddSwatch from '../../app/AddSwatch.svelte';
  import { useBench } from '../../app/bench.svelte';
  import { addressOf } from '../../app/route.svelte';
  import Button from '../../ui/Button.svelte';
  import StationTitle from '../../ui/StationTitle.svelte';
  import Companions from './Companions.svelte';
  import SwatchRow from './SwatchRow.svelte';

  const bench = useBench();

  const ORDERS = [
    { value: 'USE', name: 'use' },
    { value: 'APPEARANCE', name: 'appearance in the logo' },
    { value: 'LIGHTNESS', name: 'lightness' },
    { value: 'HUE', name: 'hue' },
  ] as const satisfies readonly { value: PaletteOrder; name: string }[];

  let adding = $state(false);
  let companions = $state(false);

  async function order(event: Event & { currentTarget: HTMLSelectElement }) {
    const chosen = ORDERS.find(({ value }) => value === event.currentTarget.value);
    event.currentTarget.value = '';
    if (chosen) {
      try {
        await bench.orderSwatches(chosen.value);
        bench.say(`The palette stands by ${chosen.name}.`, true);
      } catch (error) {
        bench.say(messageOf(error));
      }
    }
  }
</script>

<StationTitle name="Palette" hint="A click on a code copies it.">
  {#if bench.brand.swatches.length > 1}
    <select aria-label="Order the palette" onchange={order}>
      <option value="">order by…</option>
      {#each ORDERS as { value, name } (value)}<option {value}>{name}</option>{/each}
    </select>
  {/if}
  {#if bench.brand.swatches.filter((swatch) => !swatch.offLimits).length >= 3}
    <Button onclick={() => (companions = true)}>Companions</Button>
  {/if}
  <Button onclick={() => (adding = true)}>Add a colour</Button>
</StationTitle>

{#if bench.brand.swatches.length === 0}
  <p class="empty">
    No swatch yet. Take colours from a picture in <a href={addressOf(bench.id, 'gather')}>Gather</a>, or add
    one by its code.
  </p>
{:else}
  <ol aria-label="Swatches">
    {#each bench.brand.swatches as swatch, index (swatch.id)}
      <SwatchRow {swatch} {index} last={index === bench.brand.swatches.length - 1} />
    {/each}
  </ol>
{/if}

{#if companions}
  <Companions onclose={() => (companions = false)} />
{/if}
{#if adding}
  <AddSwatch onclose={() => (adding = false)} />
{/if}

<style>
  ol {
    border-top: var(--rule);
  }

  .empty {
    padding: 24px;
    border: 1.5px dashed var(--ink-3);
  }
</style>
