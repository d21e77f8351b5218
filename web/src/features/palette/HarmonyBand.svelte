<script lang="ts">
  import { answered, api } from '../../api/client';
  import type { Swatch } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import { Resource } from '../../bench/resource.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import Segments from '../../ui/Segments.svelte';
  import Ticket from '../../ui/Ticket.svelte';

  interface Props {
    swatch: Swatch;
  }

  const { swatch }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  const KINDS = [
    { value: 'complementary', name: 'complementary' },
    { value: 'analogous', name: 'analogous' },
    { value: 'triad', name: 'triad' },
    { value: 'split_complementary', name: 'split' },
    { value: 'tetrad', name: 'tetrad' },
    { value: 'monochromatic', name: 'one hue' },
  ] as const;

  let kind = $state<(typeof KINDS)[number]['value']>('complementary');
  /** Degrees that base and partners are slid along the band together. */
  let turn = $state(0);

  const asked = new Resource(() => {
    const params = { path: { code: swatch.hex.slice(1) }, query: { turn } };
    return {
      key: `${swatch.hex.slice(1)} ${turn}`,
      ask: (signal) => answered(api.GET('/api/color/{code}/harmonies', { params, signal })),
    };
  });
  const answer = $derived(asked.value);

  const partners = $derived(answer?.harmonies.find((harmony) => harmony.kind === kind)?.partners ?? []);
  /** The base itself is new only when it was slid. */
  const offered = $derived(answer && turn !== 0 ? [answer.base, ...partners] : partners);

  async function take(hexes: string[]) {
    const source = `harmony of ${swatch.name}`;
    await doing.once(async () => {
      await bench.palette.addSwatches(hexes.map((hex) => ({ hex, origin: { source } })));
      bench.say(
        `${hexes.length === 1 ? '1 colour' : `${hexes.length} colours`} taken from the ${source}.`,
        true,
      );
    });
  }
</script>

<div class="harmonies">
  <div class="head">
    <b>Harmonies</b>
    <Segments
      label="Harmony of {swatch.name}"
      options={KINDS}
      value={kind}
      onchange={(next) => (kind = next)}
    />
  </div>
  {#if answer}
    {@const width = 100 / answer.band.length}
    {#if answer.base.hue === undefined}
      <p class="hint">A grey has no hue to turn; only its lightnesses go with it.</p>
    {:else}
      <svg class="band" viewBox="0 0 100 10" preserveAspectRatio="none" aria-hidden="true">
        {#each answer.band as hex, index (index)}
          <rect x={index * width} width={width + 0.1} height="10" fill={hex} />
        {/each}
      </svg>
      <svg class="marks" viewBox="0 0 360 12" preserveAspectRatio="none" aria-hidden="true">
        <rect class="base" x={answer.base.hue - 2} width="4" height="12" />
        {#each partners as partner (partner.hex)}
          {#if partner.hue !== undefined}
            <rect class="partner" x={partner.hue - 1} y="3" width="2" height="9" />
          {/if}
        {/each}
      </svg>
      <label>
        <span>slide all</span>
        <input
          type="range"
          min="-180"
          max="180"
          bind:value={turn}
          aria-label="Turn base and partners of {swatch.name}"
          aria-valuetext="{turn}°"
        />
        <output>{turn}°</output>
      </label>
    {/if}
    <ul aria-label="Harmony">
      {#each offered as color, index (index)}
        <li>
          <button type="button" aria-label="Take {color.hex.slice(1)}" onclick={() => take([color.hex])}>
            <Ticket hex={color.hex} ink={color.ink} small />
          </button>
        </li>
      {/each}
      {#if offered.length > 1}
        <li>
          <Button onclick={() => take(offered.map(({ hex }) => hex))}>Take all {offered.length}</Button>
        </li>
      {/if}
    </ul>
  {/if}
  <Complaint text={doing.problem ?? asked.problem} />
</div>

<style>
  .harmonies {
    grid-column: 1 / -1;
    display: grid;
    gap: 4px;
  }

  .head {
    display: flex;
    gap: 10px;
    align-items: center;
    font-size: var(--size-small);
  }

  .hint {
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  .band {
    width: 100%;
    height: 28px;
    border: var(--hairline);
  }

  .marks {
    width: 100%;
    height: 12px;
  }

  .base,
  .partner {
    fill: var(--ink);
  }

  label {
    display: flex;
    gap: 8px;
    align-items: center;
    font-size: var(--size-small);
  }

  label input {
    flex: 1;
  }

  output {
    min-width: 40px;
    font-family: var(--code);
    text-align: end;
  }

  ul {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
  }
</style>
