<script lang="ts">
  import { untrack } from 'svelte';
  import type { NewSwatch, PictureSource, Proposal, Swatch } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import Segments from '../../ui/Segments.svelte';
  import { Carrying } from '../carry/carrying.svelte';
  import PendingChange from '../carry/PendingChange.svelte';
  import CropBar from './CropBar.svelte';
  import { CropState } from './crop.svelte';
  import FontsOfManual from './FontsOfManual.svelte';
  import Magnifier from './Magnifier.svelte';
  import { Picker } from './picker.svelte';
  import Picture from './Picture.svelte';
  import { Marking } from './marking.svelte';
  import MarkTicket from './MarkTicket.svelte';
  import ProposalBar from './ProposalBar.svelte';
  import ProposalTicket from './ProposalTicket.svelte';
  import ReplaceSwatch from './ReplaceSwatch.svelte';
  import { takenWords } from './taken';
  import { ProposalState } from './proposals.svelte';

  interface Props {
    source: PictureSource;
  }

  const { source }: Props = $props();
  const bench = useBench();
  const doing = new Doing();
  const carrying = new Carrying(bench);

  // The view is made anew for every picture.
  const proposals = untrack(() => new ProposalState(bench.id, source));

  /** The swatch that is the same colour as a proposal, whatever source it came from. */
  function sameAs(proposal: Proposal): Swatch | undefined {
    return bench.brand.swatches.find((swatch) => swatch.id === proposal.sameAs);
  }

  /** Whether the swatch knows already that its colour stands in this picture. */
  function settled(proposal: Proposal): boolean {
    return sameAs(proposal)?.origins.some((origin) => origin.source === source.name) ?? false;
  }

  const revision = $derived(bench.brand.revision);

  $effect(() => {
    // A changed palette is compared anew.
    void revision;
    void untrack(() => proposals.refresh(settled));
  });

  const picker = untrack(() => new Picker(bench.id, source));
  const crop = untrack(() => new CropState(bench, source));
  const marking = new Marking();

  const zooms = [
    { value: '1', name: 'fit' },
    { value: '2', name: '2 x' },
    { value: '4', name: '4 x' },
    { value: '8', name: '8 x' },
  ] as const;

  let zoom = $state<(typeof zooms)[number]['value']>('1');

  const chosen = $derived(
    proposals.answer?.proposals.filter(
      (proposal) => proposals.chosen.has(proposal.hex) && !settled(proposal),
    ) ?? [],
  );

  /** Starts where a proposal is best seen, so that it can be corrected. */
  function pickByHand() {
    const { x, y } = proposals.focused ?? { x: source.width / 2, y: source.height / 2 };
    picker.put(x, y);
  }

  function take() {
    void doing.once(async () => {
      const swatches = chosen.map(asNew);
      await bench.palette.addSwatches(swatches);
      bench.say(takenWords(swatches, source.name), true);
    });
  }

  function asNew({ hex, x, y, name, sameAs: same }: Proposal): NewSwatch {
    return {
      hex,
      ...(name ? { name } : {}),
      ...(same ? { sameAs: same } : {}),
      origin: { source: source.name, x, y },
    };
  }

  function takeMarked() {
    void doing.once(async () => {
      const shown = proposals.answer?.proposals ?? [];
      const crossedOut = marking.crossedOut(shown);
      await bench.palette.markHierarchy(source.name, marking.order(shown).map(asNew), crossedOut.map(asNew));
      marking.end();
      const out = crossedOut.length === 0 ? '' : `; ${crossedOut.length} off-limits`;
      bench.say(`The palette stands in the order of ${source.name}${out}.`, true);
    });
  }

  function replace(swatch: Swatch, hex: string, origin: NewSwatch['origin']) {
    void doing.do(() => carrying.recolor(swatch, hex, origin));
  }
</script>

<div class="view">
  <div class="look">
    <Picture
      {source}
      focused={proposals.focused}
      reading={proposals.asked}
      {picker}
      {crop}
      zoom={Number(zoom)}
    />
    {#if picker.place}<Magnifier {picker} onreplace={replace} />{/if}
  </div>
  <div class="tools">
    <Segments label="Size of the picture" options={zooms} value={zoom} onchange={(value) => (zoom = value)} />
    {#if crop.part}
      <CropBar {crop} />
    {:else if picker.place}
      <Button onclick={() => picker.end()}>Close the magnifier</Button>
      <span>arrow keys move the ring by a pixel, with Shift by ten</span>
    {:else}
      <Button onclick={pickByHand}>Pick by hand</Button>
      <span>or click in the picture</span>
      <Button onclick={() => crop.begin()}>Crop for the mood board</Button>
    {/if}
  </div>
  {#if source.kind === 'pdf'}<FontsOfManual {source} />{/if}
  <Complaint text={proposals.problem} />
  {#if !proposals.answer}
    <div class="awaited"></div>
  {:else}
    <ProposalBar {proposals} />
    {#if proposals.answer.proposals.length === 0}
      <p>This picture shows no colour.</p>
    {/if}
    {#if marking.going}
      <p class="hint">
        Click in the order of importance; a second click crosses out what must not be used, a third leaves it.
      </p>
    {/if}
    <ul aria-label="Proposals">
      {#each proposals.answer.proposals as proposal (proposal.hex)}
        {#if marking.going}
          <MarkTicket
            {proposal}
            mark={marking.markOf(proposal.hex)}
            onclick={() => marking.next(proposal.hex)}
            onfocus={() => (proposals.focused = proposal)}
          />
        {:else}
          <ProposalTicket
            {proposal}
            chosen={proposals.chosen.has(proposal.hex)}
            same={sameAs(proposal)}
            settled={settled(proposal)}
            focused={proposals.focused === proposal}
            ontoggle={() => proposals.toggle(proposal)}
            onfocus={() => (proposals.focused = proposal)}
          />
        {/if}
      {/each}
    </ul>
    <Complaint text={doing.problem} />
    <PendingChange {carrying} beside={carrying.pending?.place} />
    <div class="take">
      {#if marking.going}
        <span>As marked, the palette takes this order.</span>
        <Button onclick={() => marking.end()}>Cancel</Button>
        <Button look="main" disabled={!marking.any} onclick={takeMarked}>Take as marked</Button>
      {:else}
        <span>
          {#if proposals.answer.proposals.every(settled)}
            All of them are in the palette.
          {:else}
            {chosen.length} chosen.
          {/if}
          {#if bench.brand.swatches.length === 0}
            Two strong ones, one that sets off, and a neutral is a good start.
          {/if}
        </span>
        {#if proposals.focused && !picker.place && !sameAs(proposals.focused)}
          {@const { hex, x, y } = proposals.focused}
          <ReplaceSwatch {hex} onchoose={(swatch) => replace(swatch, hex, { source: source.name, x, y })} />
        {/if}
        {#if bench.brand.swatches.length === 0}
          <Button onclick={() => doing.once(() => bench.draft(source))}>Draft palette and theme</Button>
        {/if}
        <Button onclick={() => marking.begin()}>Mark the hierarchy</Button>
        <Button look="main" disabled={chosen.length === 0} onclick={take}>Take chosen</Button>
      {/if}
    </div>
  {/if}
</div>

<style>
  .view {
    display: flex;
    flex-direction: column;
    gap: 10px;
    min-width: 0;
    /* The station's own height, less its title: the tickets and the button that takes them stay in sight. */
    min-height: calc(100vh - 226px);
  }

  .look {
    display: flex;
    flex: 1 0 auto;
    gap: 12px;
    max-height: 560px;
  }

  .look > :global(figure) {
    flex: 1;
  }

  .tools {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    align-items: center;
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  /* The room of one row of tickets, so that the picture does not move when they come. */
  .awaited {
    height: 222px;
  }

  .hint {
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  ul {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
  }

  .take {
    position: sticky;
    /* Down to the edge of the station, over its own margin. */
    bottom: -24px;
    display: flex;
    gap: 12px;
    align-items: center;
    padding: 8px 0 24px;
    background: var(--board);
  }

  .take span {
    flex: 1;
    color: var(--ink-2);
    font-size: var(--size-small);
  }
</style>
