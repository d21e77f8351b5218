<script lang="ts">
  import type { NewSwatch, Swatch } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import Ticket from '../../ui/Ticket.svelte';
  import { AREAS, type Picker } from './picker.svelte';
  import ReplaceSwatch from './ReplaceSwatch.svelte';

  interface Props {
    picker: Picker;
    /** Lets what is picked replace a swatch. */
    onreplace: (swatch: Swatch, hex: string, origin: NewSwatch['origin']) => void;
  }

  const { picker, onreplace }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  const origin = $derived({
    source: picker.source.name,
    x: picker.place?.x ?? 0,
    y: picker.place?.y ?? 0,
    area: picker.area,
  });
  const inPalette = $derived(bench.brand.swatches.find((swatch) => swatch.hex === picker.look?.hex));

  async function attempt(action: (hex: string) => Promise<void>, said: string) {
    const hex = picker.look?.hex;
    await doing.do(async () => {
      if (hex) {
        await action(hex);
        bench.say(said, true);
      }
    });
  }

  function take() {
    void attempt(
      (hex) => bench.palette.addSwatches([{ hex, origin }]),
      `1 colour taken from ${origin.source} at ${origin.x}, ${origin.y}, area ${origin.area}.`,
    );
  }

  function replace(swatch: Swatch) {
    if (picker.look) {
      onreplace(swatch, picker.look.hex, origin);
    }
  }
</script>

<section aria-label="Magnifier">
  {#if picker.look}
    {@const { side, pixels } = picker.look}
    {@const across = Math.min(picker.area, side)}
    {@const start = (side - across) / 2}
    <svg
      viewBox="0 0 {side} {side}"
      role="img"
      aria-label="{side} x {side} pixels around {origin.x}, {origin.y}"
    >
      {#each pixels as pixel, index (index)}
        {#if pixel}
          <rect x={index % side} y={Math.floor(index / side)} width="1.02" height="1.02" fill={pixel} />
        {/if}
      {/each}
      <rect class="outer" x={start} y={start} width={across} height={across} />
      <rect class="inner" x={start} y={start} width={across} height={across} />
    </svg>
  {/if}
  <div class="read">
    {#if picker.look}<Ticket hex={picker.look.hex} ink={picker.look.ink} small />{/if}
    <p>at {origin.x}, {origin.y}<br />area {picker.area} px</p>
  </div>
  <div class="areas" role="group" aria-label="Area, pixels across">
    {#each AREAS as area (area)}
      <button type="button" aria-pressed={picker.area === area} onclick={() => (picker.area = area)}>
        {area}
      </button>
    {/each}
  </div>
  <Complaint text={picker.problem ?? doing.problem} />
  <Button look="main" disabled={!picker.look || inPalette !== undefined} onclick={take}>
    {inPalette ? `Is ${inPalette.name}` : 'Take this colour'}
  </Button>
  <ReplaceSwatch hex={picker.look?.hex} onchoose={replace} />
</section>

<style>
  section {
    display: grid;
    flex: none;
    grid-template-columns: minmax(0, 1fr);
    gap: 6px;
    align-content: start;
    width: 152px;
  }

  .read {
    display: flex;
    gap: 6px;
    align-items: center;
  }

  svg {
    width: 100%;
    shape-rendering: crispedges;
    border: var(--rule);
    background: repeating-conic-gradient(var(--paper) 0 25%, var(--board) 0 50%) 0 0 / 16px 16px;
  }

  .outer,
  .inner {
    fill: none;
    stroke: #000;
    stroke-width: 4px;
    vector-effect: non-scaling-stroke;
  }

  .inner {
    stroke: #fff;
    stroke-width: 1.6px;
  }

  p {
    color: var(--ink-2);
    font-size: var(--size-small);
    line-height: 16px;
  }

  .areas {
    display: flex;
    border: var(--rule);
  }

  .areas button {
    flex: 1;
    min-height: 28px;
    font-weight: 600;
    text-align: center;
  }

  .areas button + button {
    border-left: var(--rule);
  }

  .areas button[aria-pressed='true'] {
    background: var(--ink);
    color: var(--paper);
  }
</style>
