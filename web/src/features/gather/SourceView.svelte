<script lang="ts">
  import { untrack } from 'svelte';
  import { messageOf } from '../../api/problem';
  import type { PictureSource } from '../../api/types';
  import { useBench } from '../../app/bench.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import Segments from '../../ui/Segments.svelte';
  import Magnifier from './Magnifier.svelte';
  import { Picker } from './picker.svelte';
  import Picture from './Picture.svelte';
  import ProposalBar from './ProposalBar.svelte';
  import ProposalTicket from './ProposalTicket.svelte';
  import { ProposalState } from './proposals.svelte';

  interface Props {
    source: PictureSource;
  }

  const { source }: Props = $props();
  const bench = useBench();

  const taken = $derived(new Set(bench.brand.swatches.map((swatch) => swatch.hex)));

  // The view is made anew for every picture.
  const proposals = untrack(() => new ProposalState(bench.id, source, taken));

  const picker = untrack(() => new Picker(bench.id, source));

  const zooms = [
    { value: '1', name: 'fit' },
    { value: '2', name: '2 x' },
    { value: '4', name: '4 x' },
    { value: '8', name: '8 x' },
  ] as const;

  let zoom = $state<(typeof zooms)[number]['value']>('1');
  let problem = $state<string>();

  const chosen = $derived(
    proposals.answer?.proposals.filter(
      (proposal) => proposals.chosen.has(proposal.hex) && !taken.has(proposal.hex),
    ) ?? [],
  );

  async function attempt(action: () => Promise<void>) {
    problem = undefined;
    try {
      await action();
    } catch (error) {
      problem = messageOf(error);
    }
  }

  /** Starts where a proposal is best seen, so that it can be corrected. */
  function pickByHand() {
    const { x, y } = proposals.focused ?? { x: source.width / 2, y: source.height / 2 };
    picker.put(x, y);
  }

  function take() {
    void attempt(async () => {
      const swatches = chosen.map(({ hex, x, y, name }) => ({
        hex,
        ...(name ? { name } : {}),
        origin: { source: source.name, x, y },
      }));
      await bench.addSwatches(swatches);
      const counted = swatches.length === 1 ? '1 colour' : `${swatches.length} colours`;
      bench.say(`${counted} taken from ${source.name}. Name and order them in Palette.`, true);
    });
  }
</script>

<div class="view">
  <div class="look">
    <Picture {source} focused={proposals.focused} reading={proposals.reading} {picker} zoom={Number(zoom)} />
    {#if picker.place}<Magnifier {picker} />{/if}
  </div>
  <div class="tools">
    <Segments label="Size of the picture" options={zooms} value={zoom} onchange={(value) => (zoom = value)} />
    {#if picker.place}
      <Button onclick={() => picker.end()}>Close the magnifier</Button>
      <span>arrow keys move the ring by a pixel, with Shift by ten</span>
    {:else}
      <Button onclick={pickByHand}>Pick by hand</Button>
      <span>or click in the picture</span>
    {/if}
  </div>
  <Complaint text={proposals.problem} />
  {#if proposals.answer}
    <ProposalBar {proposals} />
    {#if proposals.answer.proposals.length === 0}
      <p>This picture shows no colour.</p>
    {/if}
    <ul aria-label="Proposals">
      {#each proposals.answer.proposals as proposal (proposal.hex)}
        <ProposalTicket
          {proposal}
          chosen={proposals.chosen.has(proposal.hex)}
          inPalette={taken.has(proposal.hex)}
          focused={proposals.focused === proposal}
          ontoggle={() => proposals.toggle(proposal)}
          onfocus={() => (proposals.focused = proposal)}
        />
      {/each}
    </ul>
    <Complaint text={problem} />
    <div class="take">
      <span>
        {#if proposals.answer.proposals.every((proposal) => taken.has(proposal.hex))}
          All of them are in the palette.
        {:else}
          {chosen.length} chosen.
        {/if}
        {#if bench.brand.swatches.length === 0}
          Two strong ones, one that sets off, and a neutral is a good start.
        {/if}
      </span>
      {#if bench.brand.swatches.length === 0}
        <Button onclick={() => attempt(() => bench.draft(source))}>Draft palette and theme</Button>
      {/if}
      <Button look="main" disabled={chosen.length === 0} onclick={take}>Take chosen</Button>
    </div>
  {/if}
</div>

<style>
  .view {
    display: grid;
    gap: 10px;
    align-content: start;
    min-width: 0;
  }

  .look {
    display: flex;
    gap: 12px;
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

  ul {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
  }

  .take {
    display: flex;
    gap: 12px;
    align-items: center;
  }

  .take span {
    flex: 1;
    color: var(--ink-2);
    font-size: var(--size-small);
  }
</style>
