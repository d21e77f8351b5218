<script lang="ts">
  import Pin from '@lucide/svelte/icons/pin';
  import type { GraphicArea } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import type { Recolouring } from '../../bench/recolouring.svelte';
  import { carriesSwatch, droppedSwatch } from '../../ui/drag';
  import Ticket from '../../ui/Ticket.svelte';
  import { percent, ratioOf } from './figures';

  /** What an area of the graphic has now, and had before. */
  interface Props {
    recolouring: Recolouring;
    area: GraphicArea;
    /** With less room: only the ticket and one line. */
    compact: boolean;
    picked: boolean;
    onpick: () => void;
    onkeep: () => void;
    ondropped: (from: { area?: string | undefined; swatch?: string | undefined }) => void;
  }

  const { recolouring, area, compact, picked, onpick, onkeep, ondropped }: Props = $props();
  const bench = useBench();

  /** Nobody sees that a border has lost less than this leaves; a share of its contrast. */
  const HARDLY = 0.95;
  /** The hex of an area, under a type of its own. */
  const AREA = 'application/x-zumbido-area';

  const hex = $derived(recolouring.colorOf(area));
  const swatch = $derived(bench.brand.swatches.find((known) => known.hex === hex));
  const kept = $derived(recolouring.kept.has(area.hex));
  const still = $derived(recolouring.still.has(area.hex));
  const name = $derived(
    still ? 'Takes no part' : (swatch?.name ?? (hex === area.hex ? 'As it came' : 'A step')),
  );
  /** The border that has lost most. */
  const weaker = $derived(
    recolouring.weighed?.weaker.find(
      ({ one, other, before, after }) => (one === area.hex || other === area.hex) && after < before * HARDLY,
    ),
  );
  let over = $state(false);

  function ondragover(event: DragEvent) {
    if (carriesSwatch(event) || event.dataTransfer?.types.includes(AREA)) {
      event.preventDefault();
      event.stopPropagation();
      over = true;
    }
  }

  function ondrop(event: DragEvent) {
    over = false;
    const dragged = event.dataTransfer?.getData(AREA);
    const dropped = droppedSwatch(event);
    if (dragged || dropped) {
      event.preventDefault();
      event.stopPropagation();
      ondropped({ area: dragged || undefined, swatch: dropped });
    }
  }

  function onkeydown(event: KeyboardEvent) {
    if (event.key === 'k' && !event.ctrlKey && !event.metaKey && !event.altKey) {
      event.preventDefault();
      event.stopPropagation();
      onkeep();
    }
  }
</script>

<button
  type="button"
  draggable="true"
  aria-pressed={picked}
  class:over
  class:compact
  onclick={onpick}
  {onkeydown}
  ondragstart={(event) => event.dataTransfer?.setData(AREA, area.hex)}
  {ondragover}
  ondragleave={() => (over = false)}
  {ondrop}
>
  <!-- The name comes first, as it is read out; the ticket is drawn above it. -->
  <b class:visually-hidden={compact}>{name}</b>
  <Ticket {hex} ink={recolouring.inkOf(area)} wide small />
  {#if kept}<span class="pin"><Pin size={12} aria-hidden="true" /> kept</span>{/if}
  <small>
    {percent(area.share)}; was <i style:--was={area.hex}></i> <code>{area.hex.slice(1)}</code>
  </small>
  {#if weaker && !compact}
    <small class="weaker">
      {ratioOf(weaker.after)} beside {(weaker.one === area.hex ? weaker.other : weaker.one).slice(1)}, was {ratioOf(
        weaker.before,
      )}
    </small>
  {/if}
</button>

<style>
  button {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 1px 6px;
    width: 100%;
    padding: 2px;
    line-height: 16px;
    text-align: start;
    cursor: grab;
  }

  button > :global(.edge) {
    grid-row: 1;
    grid-column: 1 / -1;
    width: 104px;
  }

  button[aria-pressed='true'],
  .over {
    outline: 3px solid var(--ink);
    outline-offset: 1px;
  }

  b {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  .pin {
    display: inline-flex;
    align-items: center;
    gap: 2px;
    font-size: var(--size-small);
    font-weight: 600;
  }

  small {
    grid-column: 1 / -1;
    color: var(--ink-2);
    font-size: var(--size-small);
    white-space: nowrap;
  }

  .compact small {
    line-height: 14px;
  }

  i {
    display: inline-block;
    width: 10px;
    height: 10px;
    border: 1px solid var(--hair);
    background: var(--was);
  }

  code {
    font-family: var(--code);
  }

  .weaker {
    padding-left: 11px;
    background: var(--hatch) left / 7px 100% no-repeat;
    color: var(--ink);
    white-space: normal;
  }
</style>
