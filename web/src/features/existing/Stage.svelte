<script lang="ts">
  import { recoloredOf } from '../../api/addresses';
  import type { GraphicArea } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import type { Recolouring } from '../../bench/recolouring.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import AreaTicket from './AreaTicket.svelte';
  import Picked from './Picked.svelte';
  import { costOf } from './figures';
  import { placed, TICKET, type Placed } from './stage';

  /** The graphic large, with a ticket for each colour, tied by a line to where it is seen best. */
  interface Props {
    recolouring: Recolouring;
  }

  const { recolouring }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  let width = $state(1000);
  let pickedHex = $state<string>();
  const graphic = $derived(recolouring.graphic);
  const layout = $derived(placed(recolouring.areas, width, graphic ? graphic.width / graphic.height : 1));
  const picked = $derived(recolouring.areas.find(({ hex }) => hex === pickedHex));
  const picture = $derived(
    recoloredOf(bench.id, recolouring.file.id, recolouring.mapping, recolouring.marked, 900),
  );

  /** The first one is picked up; the second trades with it. */
  function pick(area: GraphicArea) {
    const first = picked;
    if (!first) {
      pickedHex = area.hex;
    } else if (first.hex === area.hex) {
      pickedHex = undefined;
    } else {
      pickedHex = undefined;
      void doing.do(() => recolouring.trade(first, area));
    }
  }

  function drop(onto: GraphicArea, from: { area?: string | undefined; swatch?: string | undefined }) {
    const dragged = recolouring.areas.find(({ hex }) => hex === from.area);
    const swatch = bench.brand.swatches.find(({ id }) => id === from.swatch);
    if (dragged && dragged.hex !== onto.hex) {
      void doing.do(() => recolouring.trade(dragged, onto));
    } else if (swatch) {
      void doing.do(() => recolouring.set(onto, swatch));
    }
  }

  function onkeydown(event: KeyboardEvent) {
    if (event.key === 'Escape') {
      pickedHex = undefined;
    }
  }

  function line({ ticket, dot, side }: Placed): string {
    const from = side === 'left' ? ticket.x + TICKET + 6 : ticket.x - 4;
    return `M${from} ${ticket.y + 14}L${dot.x} ${dot.y}`;
  }
</script>

<!-- Escape puts down what was picked up inside. -->
<!-- svelte-ignore a11y_no_static_element_interactions -->
<div class="stage" bind:clientWidth={width} style:height="{layout.height}px" {onkeydown}>
  <img
    src={picture}
    alt="{recolouring.file.name} in the colours around it"
    style:left="{layout.picture.x}px"
    style:top="{layout.picture.y}px"
    style:width="{layout.picture.width}px"
    style:height="{layout.picture.height}px"
  />
  {#each recolouring.marked as { x, y, width: wide, height: tall } (`${x} ${y} ${wide} ${tall}`)}
    <i
      style:left="{layout.picture.x + x * layout.picture.width}px"
      style:top="{layout.picture.y + y * layout.picture.height}px"
      style:width="{wide * layout.picture.width}px"
      style:height="{tall * layout.picture.height}px"
    ></i>
  {/each}
  <svg aria-hidden="true" {width} height={layout.height}>
    {#each layout.tickets as place (place.area.hex)}
      {#if place.area.here}
        <path class="halo" d={line(place)} />
        <path d={line(place)} />
        <circle cx={place.dot.x} cy={place.dot.y} r="5" />
      {/if}
    {/each}
  </svg>
  {#each layout.tickets as { area, ticket, compact } (area.hex)}
    <div class="place" style:left="{ticket.x}px" style:top="{ticket.y}px" style:width="{ticket.width}px">
      <AreaTicket
        {recolouring}
        {area}
        {compact}
        picked={area.hex === pickedHex}
        onpick={() => pick(area)}
        onkeep={() => doing.do(() => recolouring.keep(area))}
        ondropped={(from) => drop(area, from)}
      />
    </div>
  {/each}
</div>
<Complaint text={doing.problem} />
{#if graphic && (graphic.unwritten.length > 0 || graphic.pictures)}
  <p class="told">
    {#if graphic.unwritten.length > 0}
      {graphic.unwritten.map((hex) => hex.slice(1)).join(', ')} cannot be changed: nothing in the file says it as
      it is seen.
    {/if}
    {#if graphic.pictures}Pictures inside it keep their colours.{/if}
  </p>
{/if}
{#if recolouring.weighed}
  <p class="told">
    <b>Given up</b>
    {costOf(recolouring.weighed.cost)}
  </p>
{/if}
{#if picked}
  <Picked {recolouring} area={picked} onclose={() => (pickedHex = undefined)} />
{/if}

<style>
  .stage {
    position: relative;
  }

  img {
    position: absolute;
    outline: 1px solid var(--hair);
    background: var(--paper);
  }

  i {
    position: absolute;
    border: 1.5px dashed var(--ink);
    outline: 1.5px dashed var(--paper);
    pointer-events: none;
  }

  svg {
    position: absolute;
    inset: 0;
    pointer-events: none;
  }

  path {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.5px;
  }

  .halo {
    stroke: var(--paper);
    stroke-width: 4px;
  }

  circle {
    fill: var(--ink);
    stroke: var(--paper);
    stroke-width: 2px;
  }

  .place {
    position: absolute;
  }

  .told {
    margin-top: 6px;
    color: var(--ink-2);
    font-size: var(--size-small);
  }
</style>
