<script lang="ts">
  import ArrowDown from '@lucide/svelte/icons/arrow-down';
  import { tick } from 'svelte';
  import ArrowUp from '@lucide/svelte/icons/arrow-up';
  import type { Remark, Swatch, SwatchCodes } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import { originsWords } from './origins';
  import { isBesideSwatch } from './remarks';
  import { slotName } from '../../words/slots';
  import Button from '../../ui/Button.svelte';
  import CopyCode from '../../ui/CopyCode.svelte';
  import type { Carrying } from '../carry/carrying.svelte';
  import Mixer from './Mixer.svelte';
  import PendingChange from '../carry/PendingChange.svelte';
  import RemarkLine from './RemarkLine.svelte';
  import { carriesSwatch, dragSwatch, droppedSwatch } from '../../ui/drag';
  import EditableText from '../../ui/EditableText.svelte';
  import IconButton from '../../ui/IconButton.svelte';
  import Ticket from '../../ui/Ticket.svelte';

  interface Props {
    swatch: Swatch;
    /** Nothing until they have been told. */
    codes: SwatchCodes | undefined;
    index: number;
    last: boolean;
    carrying: Carrying;
    mixing: boolean;
    onmix: () => void;
  }

  const { swatch, codes, index, last, carrying, mixing, onmix }: Props = $props();

  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  let over = $state(false);

  const uses = $derived([
    ...new Set(
      bench.brand.themes
        .flatMap((theme) => theme.slots)
        .filter((slot) => slot.swatchId === swatch.id)
        .map((slot) => slotName(slot.slot)),
    ),
  ]);

  const remarks = $derived(
    bench.brand.remarks.filter(
      (remark) => !remark.aside && isBesideSwatch(remark) && remark.swatches[0] === swatch.id,
    ),
  );

  const origin = $derived(originsWords(swatch.origins));

  /** While a colour is only tried, and until its own codes have come, those that are there are of another. */
  const known = $derived(codes?.hex === swatch.hex ? [codes.rgb, codes.hsl] : []);

  async function attempt(action: () => Promise<void>, said?: string) {
    await doing.do(async () => {
      await carrying.settle();
      await action();
      if (said) {
        bench.say(said, true);
      }
    });
  }

  async function remedy(remark: Remark) {
    if (remark.hex) {
      await carrying.recolor(swatch, remark.hex);
    }
  }

  function remove() {
    const kept = uses.length > 0 ? ` What it was used for keeps its colour: ${uses.join(', ')}.` : '';
    void attempt(() => bench.palette.removeSwatch(swatch.id), `${swatch.name} is out of the palette.${kept}`);
  }

  /** @param position where it stands afterwards */
  async function move(id: string, position: () => number) {
    await doing.do(() =>
      carrying.order(() => {
        const to = position();
        const name = bench.brand.swatches.find((each) => each.id === id)?.name ?? '';
        return {
          what: `${name} moves to place ${to + 1}`,
          look: () => bench.palette.tryMove(id, to),
          carry: () => bench.palette.moveSwatch(id, to),
        };
      }, id),
    );
  }

  /** The row moves, and with it the key that is pressed again. */
  async function step(event: MouseEvent & { currentTarget: HTMLElement }, by: number) {
    const key = event.currentTarget;
    await move(swatch.id, () => index + by);
    await tick();
    key.focus();
  }

  function ondrop(event: DragEvent) {
    over = false;
    const id = droppedSwatch(event);
    if (id) {
      event.preventDefault();
      void move(id, () => index);
    }
  }

  function ondragover(event: DragEvent) {
    if (carriesSwatch(event)) {
      event.preventDefault();
      over = true;
    }
  }
</script>

<li class:over ondragenter={ondragover} {ondragover} ondragleave={() => (over = false)} {ondrop}>
  <span
    class="handle"
    role="img"
    aria-label="{swatch.name}, {swatch.hex.slice(1)}"
    draggable="true"
    ondragstart={(event) => dragSwatch(event, swatch.id)}
  >
    <Ticket hex={swatch.hex} ink={swatch.ink} crossed={swatch.offLimits} />
  </span>
  <div class="entry">
    <EditableText
      label="Name of {swatch.name}"
      value={swatch.name}
      onsave={async (name) => {
        await carrying.settle();
        await bench.palette.renameSwatch(swatch.id, name);
      }}
    />
    <EditableText
      label="Code of {swatch.name}"
      value={swatch.hex.slice(1)}
      mono
      maxlength={60}
      onsave={(code) => carrying.recolor(swatch, code)}
    />
  </div>
  <div class="facts">
    <div class="codes">
      {#each [swatch.hex.slice(1), ...known] as code (code)}
        <CopyCode
          {code}
          of={swatch.name}
          oncopied={(copied) => bench.say(`${copied} is copied.`)}
          onfail={(why) => bench.say(why)}
        />
      {/each}
    </div>
    <p>
      {swatch.offLimits ? 'off-limits; ' : ''}{origin}; {uses.length > 0
        ? `used for ${uses.join(', ')}`
        : 'not used in the theme'}
    </p>
    {#each remarks as remark (remark.key)}<RemarkLine {remark} onremedy={remedy} />{/each}
  </div>
  <div class="actions">
    <IconButton label="Move {swatch.name} up" disabled={index === 0} onclick={(event) => step(event, -1)}>
      <ArrowUp size={18} aria-hidden="true" />
    </IconButton>
    <IconButton label="Move {swatch.name} down" disabled={last} onclick={(event) => step(event, 1)}>
      <ArrowDown size={18} aria-hidden="true" />
    </IconButton>
    <Button look="quiet" onclick={remove}
      >Remove<span class="visually-hidden">&nbsp;{swatch.name}</span></Button
    >
    <div class="limits">
      <Button look="plain" aria-expanded={mixing} onclick={onmix}
        >Mix<span class="visually-hidden">&nbsp;{swatch.name}</span></Button
      >
      <Button
        look="quiet"
        aria-pressed={swatch.offLimits}
        onclick={() => attempt(() => bench.palette.setOffLimits(swatch.id, !swatch.offLimits))}
        >{swatch.offLimits ? 'Allow again' : 'Put off-limits'}<span class="visually-hidden"
          >&nbsp;{swatch.name}</span
        ></Button
      >
    </div>
  </div>
  <PendingChange {carrying} beside={swatch.id} />
  {#if mixing}<Mixer {swatch} onmerge={(into) => carrying.merge(swatch, into)} />{/if}
</li>

<style>
  li {
    display: grid;
    grid-template-columns: 118px 160px minmax(0, 1fr) max-content;
    gap: 14px;
    align-items: start;
    padding: 10px 0;
    border-bottom: var(--hairline);
  }

  .over {
    box-shadow: 0 -3px 0 var(--ink);
  }

  .handle {
    display: block;
    cursor: grab;
  }

  .entry {
    display: grid;
    gap: 6px;
  }

  .facts {
    min-width: 0;
    color: var(--ink-2);
    font-size: var(--size-small);
    line-height: 16px;
  }

  .codes {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 6px;
    margin: -2px 0 2px -4px;
    color: var(--ink);
  }

  .actions {
    display: grid;
    grid-template-columns: repeat(3, max-content);
    gap: 2px 4px;
    align-content: start;
    align-items: center;
    justify-items: start;
  }

  .limits {
    display: flex;
    grid-column: 1 / -1;
    gap: 4px;
  }
</style>
