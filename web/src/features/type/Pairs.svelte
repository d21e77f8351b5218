<script lang="ts">
  import type { FacePair } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import { Resource } from '../../bench/resource.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import { kindName } from '../../words/type';

  /** Pairs for people who have none, tried on the specimens before anything is changed. */
  interface Props {
    onclose: () => void;
  }

  const { onclose }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  const asked = new Resource(() => ({ key: 'pairs', ask: (signal) => bench.type.pairs(signal) }));

  let tried = $state.raw<FacePair>();
  let end: (() => void) | undefined;

  $effect(() => () => end?.());

  function why({ headingKind, bodyKind, xHeightApart }: FacePair): string {
    const apart = Math.round(xHeightApart * 1000) / 10;
    const heights = apart < 0.1 ? 'the same x-height' : `x-heights ${apart} % apart`;
    return `${heights}, and a ${kindName(headingKind)} beside a ${kindName(bodyKind)}: nobody takes one for the other`;
  }

  function look(pair: FacePair) {
    end?.();
    const again = tried === pair;
    tried = again ? undefined : pair;
    end = again ? undefined : bench.type.previewPair(pair);
  }

  function take(pair: FacePair) {
    void doing.do(async () => {
      end?.();
      end = undefined;
      await bench.type.takePair(pair);
      bench.say(`Set in ${pair.heading} with ${pair.body}.`, true);
      onclose();
    });
  }
</script>

<section aria-label="Pairs of faces">
  <div class="title">
    <h2>Pairs that go together</h2>
    <span>A click tries one on the specimens; nothing is changed until it is taken.</span>
    <Button look="quiet" onclick={onclose}>Close</Button>
  </div>
  <Complaint text={doing.problem ?? asked.problem} />
  <ul>
    {#each asked.value ?? [] as pair (`${pair.heading} ${pair.body}`)}
      <li>
        <button type="button" aria-pressed={tried === pair} onclick={() => look(pair)}>
          <b style:font-family={`"${pair.heading}"`}>{pair.heading}</b>
          <span style:font-family={`"${pair.body}"`}>with {pair.body} for the text</span>
          <em>{why(pair)}</em>
        </button>
        {#if tried === pair}<Button look="main" onclick={() => take(pair)}>Take this pair</Button>{/if}
      </li>
    {/each}
  </ul>
</section>

<style>
  section {
    padding: 8px 0;
    border-top: var(--rule);
  }

  .title {
    display: flex;
    gap: 12px;
    align-items: center;
  }

  h2 {
    font-size: var(--size-text);
  }

  .title span {
    flex: 1;
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
    gap: 8px;
  }

  li {
    display: grid;
    gap: 4px;
    align-content: start;
  }

  li > button {
    display: grid;
    gap: 2px;
    padding: 8px 10px;
    background: var(--paper);
    text-align: start;
  }

  li > button[aria-pressed='true'] {
    box-shadow: inset 0 0 0 3px var(--ink);
  }

  b {
    font-size: 20px;
    font-weight: 700;
    line-height: 26px;
  }

  em {
    color: var(--ink-2);
    font-size: var(--size-small);
    font-style: normal;
    line-height: 15px;
  }
</style>
