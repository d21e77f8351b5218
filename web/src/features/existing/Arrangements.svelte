<script lang="ts">
  import { recoloredOf, type ColorMapping } from '../../api/addresses';
  import type { Deal } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import type { Recolouring } from '../../bench/recolouring.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';

  /** What else was dealt, small, with what is to be known of each. */
  interface Props {
    recolouring: Recolouring;
  }

  const { recolouring }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  const ORDINALS = ['First', 'Second', 'Third', 'Fourth', 'Fifth', 'Sixth', 'Seventh', 'Eighth'];

  function mapping(deal: Deal): ColorMapping {
    return Object.fromEntries(deal.mapping.map(({ from, to }) => [from, to]));
  }

  function isShown(deal: Deal): boolean {
    return deal.mapping.every(({ from, to }) => recolouring.mapping[from] === to);
  }

  function picture(of: ColorMapping): string {
    return recoloredOf(bench.id, recolouring.file.id, of, recolouring.marked, 360);
  }
</script>

<section aria-label="Other arrangements">
  <header>
    <h2>Other arrangements</h2>
    <p>best first, none twice; a ticket dragged onto another trades, one dropped from the strip sets</p>
    <Button
      disabled={recolouring.ended || recolouring.full || doing.adding}
      onclick={() => doing.once(() => recolouring.more())}
    >
      {recolouring.ended ? 'No other differs visibly' : recolouring.full ? 'These are all' : 'Deal more'}
    </Button>
  </header>
  <Complaint text={doing.problem} />
  <ul>
    <li>
      <figure>
        <img src={picture({})} alt="As it came" />
        <figcaption><b>As it came</b> {recolouring.areas.length} colours</figcaption>
      </figure>
    </li>
    {#each recolouring.deals as deal, place (place)}
      <li>
        <button type="button" aria-pressed={isShown(deal)} onclick={() => recolouring.choose(deal)}>
          <img src={picture(mapping(deal))} alt="" loading="lazy" />
          <span><b>{ORDINALS[place] ?? `${place + 1}th`}</b> {deal.sentence}</span>
        </button>
      </li>
    {/each}
  </ul>
</section>

<style>
  section {
    margin-top: 14px;
    padding-top: 10px;
    border-top: var(--rule);
  }

  header {
    display: flex;
    align-items: center;
    gap: 12px;
    margin-bottom: 8px;
  }

  h2 {
    font-size: var(--size-text);
  }

  header p {
    flex: 1;
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
    gap: 14px 12px;
  }

  button,
  figure {
    display: block;
    width: 100%;
    text-align: start;
  }

  img {
    display: block;
    max-width: 100%;
    max-height: 132px;
    outline: 1px solid var(--hair);
    background: var(--paper);
  }

  button[aria-pressed='true'] img {
    outline: 3px solid var(--ink);
    outline-offset: 2px;
  }

  span,
  figcaption {
    display: block;
    margin-top: 6px;
    color: var(--ink-2);
    font-size: var(--size-small);
    line-height: 16px;
  }

  b {
    display: block;
    color: var(--ink);
    font-size: var(--size-text);
  }
</style>
