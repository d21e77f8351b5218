<script lang="ts">
  import { Resource } from '../../bench/resource.svelte';
  import type { Ground, Level, Remedy, Standing } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import type { Carrying } from '../carry/carrying.svelte';
  import { colorName, remedyWords } from './contrast';
  import Decision from './Decision.svelte';
  import Panel from './Panel.svelte';
  import { ratioShown } from '../../words/ratio';

  /** What helps where a text cannot be read on its ground: before and after, and what it costs. */
  interface Props {
    ground: Ground;
    standing: Standing;
    level: Level;
    carrying: Carrying;
    onclose: () => void;
  }

  const { ground, standing, level, carrying, onclose }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  const TITLES: Record<Remedy['kind'], string> = {
    'nearest-text': 'Nearest text that passes',
    'nearest-ground': 'Nearest ground that passes',
    another: 'Another of the brand',
    'turned-round': 'Turn it round',
  };
  /** Slots that hold what is written with. */
  const TEXT_SLOTS = ['dk1', 'lt1', 'dk2', 'lt2', 'hlink', 'folHlink'];

  const readable = $derived(standing.verdict === 'text' || standing.verdict === 'large-text');
  const textSlots = $derived(standing.color.slots.filter((slot) => TEXT_SLOTS.includes(slot)));

  const asked = new Resource(() => {
    const [text, under, asks] = [standing.color.hex, ground.color.hex, level];
    return {
      key: `${bench.brand.revision} ${text} ${under} ${asks}`,
      ask: (signal) => bench.grounds.remedies(text, under, asks, signal),
    };
  });
  const answer = $derived(asked.value);

  /** The colour that a remedy changes, if the brand has it as a swatch or in a slot. */
  function changed(remedy: Remedy) {
    return remedy.kind === 'nearest-ground' ? ground.color : standing.color;
  }

  function canTake(remedy: Remedy): boolean {
    if (remedy.kind === 'turned-round') {
      return false;
    }
    if (remedy.kind === 'another') {
      return textSlots.length > 0;
    }
    return changed(remedy).swatch !== undefined || changed(remedy).slots.length > 0;
  }

  async function take(remedy: Remedy) {
    const { swatch: id, slots } = changed(remedy);
    const swatch = bench.brand.swatches.find((candidate) => candidate.id === id);
    const hex = (remedy.kind === 'nearest-ground' ? remedy.ground : remedy.foreground).hex;
    const [slot] = slots;
    await doing.do(async () => {
      if (remedy.kind === 'another' && remedy.foreground.swatch) {
        for (const text of textSlots) {
          await bench.themes.fillSlot(text, { swatchId: remedy.foreground.swatch });
        }
        bench.say(`${colorName(remedy.foreground)} is written with instead.`, true);
      } else if (swatch) {
        await carrying.recolor(swatch, hex);
      } else if (slot) {
        await bench.themes.fillSlot(slot, { hex });
      }
    });
  }
</script>

<Panel label="Remedies" close="Close the remedies" {onclose}>
  {#snippet title()}
    <p>
      <b>
        {standing.toLookAt
          ? readable
            ? 'In use, though not allowed: '
            : 'In use and failing: '
          : ''}{colorName(standing.color)} on {colorName(ground.color)},
        {ratioShown(standing.ratio)} of {answer?.needed ?? '…'}
      </b>
    </p>
  {/snippet}
  <Complaint text={doing.problem ?? asked.problem} />
  {#if !readable}
    {#if answer && answer.remedies.length === 0}
      <p>Nothing near passes: no colour reads on this ground at this level.</p>
    {/if}
    <ul>
      {#each answer?.remedies ?? [] as remedy (remedy.kind)}
        <li>
          <h2>{TITLES[remedy.kind]}</h2>
          <div class="samples" inert>
            <span style:--ground={ground.color.hex} style:--on={standing.color.hex}>Timetable</span>
            <span style:--ground={remedy.ground.hex} style:--on={remedy.foreground.hex}>Timetable</span>
          </div>
          <p>{remedyWords(remedy)}</p>
          {#if canTake(remedy)}
            <Button onclick={() => take(remedy)}
              >Take it<span class="visually-hidden">: {TITLES[remedy.kind]}</span></Button
            >
          {:else}
            <p class="hint">A way to write it; nothing to change in the brand.</p>
          {/if}
        </li>
      {/each}
    </ul>
  {/if}
  <Decision {ground} {standing} {onclose} />
</Panel>

<style>
  ul {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
    gap: 12px;
  }

  li {
    display: grid;
    gap: 4px;
    align-content: start;
    justify-items: start;
    font-size: var(--size-small);
  }

  .samples {
    display: flex;
    width: 100%;
    border: var(--hairline);
  }

  .samples span {
    flex: 1;
    min-width: 0;
    padding: 8px 6px;
    overflow: hidden;
    background: var(--ground);
    color: var(--on);
    font-weight: 700;
  }

  .hint {
    color: var(--ink-2);
  }
</style>
