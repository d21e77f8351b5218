<script lang="ts">
  import type { Level, Standing } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import { Resource } from '../../bench/resource.svelte';
  import { addressOf } from '../../bench/route.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import Segments from '../../ui/Segments.svelte';
  import StationTitle from '../../ui/StationTitle.svelte';
  import { Carrying } from '../carry/carrying.svelte';
  import PendingChange from '../carry/PendingChange.svelte';
  import Clashes from './Clashes.svelte';
  import ComposedBar from './ComposedBar.svelte';
  import { sheetWords } from './contrast';
  import GroundBar from './GroundBar.svelte';
  import Narrowing from './Narrowing.svelte';
  import OnAnyGround from './OnAnyGround.svelte';
  import Overlays from './Overlays.svelte';
  import Remedies from './Remedies.svelte';

  const bench = useBench();
  const doing = new Doing();
  const carrying = new Carrying(bench);

  const VIEWS = [
    { value: 'grounds', name: 'By ground' },
    { value: 'overlays', name: 'Overlays' },
    { value: 'clashes', name: 'Clashes' },
    { value: 'words', name: 'In words' },
  ] as const;
  const LEVELS = [
    { value: 'AA', name: 'AA' },
    { value: 'AAA', name: 'AAA' },
  ] as const;

  let view = $state<(typeof VIEWS)[number]['value']>('grounds');
  let level = $state<Level>('AA');
  /** The pair whose remedies are shown: hexes of ground and text. */
  let asked = $state.raw<{ ground: string; text: string }>();

  /** So many grounds are drawn until somebody wants more of them; the words speak of all. */
  const DRAWN = 40;
  let drawn = $state(DRAWN);

  /** Judged anew whenever the brand, the theme that is looked at or the level has changed. */
  const judged = new Resource(() => {
    const asks = level;
    const enough = view === 'words' ? Number.MAX_SAFE_INTEGER : drawn;
    return {
      key: `${bench.brand.revision} ${bench.theme.id} ${asks} ${enough}`,
      ask: (signal) => bench.grounds.standings(asks, enough, signal),
    };
  });
  const answer = $derived(judged.value);
  const specimen = $derived(bench.specimen);
  /** Hex of the ground that is narrowed. */
  let narrowing = $state<string>();
  /** Id of the kept ground that Overlays show first. */
  let opened = $state<string>();

  const words = $derived(answer ? sheetWords(answer.grounds, answer.composed, bench.brand.swatches) : '');
  const failing = $derived(answer?.failing ?? 0);

  function choose(ground: string, standing: Standing) {
    const text = standing.color.hex;
    asked = asked?.ground === ground && asked.text === text ? undefined : { ground, text };
  }

  async function copyWords() {
    await doing.do(async () => {
      await navigator.clipboard.writeText(words);
      bench.say('What may stand on what is copied as text.');
    });
  }
</script>

<StationTitle name="Contrast">
  {#snippet beside()}
    <Segments label="How to show it" options={VIEWS} value={view} onchange={(chosen) => (view = chosen)} />
  {/snippet}
  {#if view === 'grounds' || view === 'words'}
    <span class="level">Level</span>
    <Segments label="Level" options={LEVELS} value={level} onchange={(chosen) => (level = chosen)} />
  {/if}
</StationTitle>
<Complaint text={judged.problem} />
<PendingChange {carrying} beside={carrying.pending?.place} />

{#if bench.brand.swatches.length === 0}
  <p class="empty">
    The palette is empty. <a href={addressOf(bench.id, 'gather')}>Gather</a> colours first; then this says what
    may stand on which.
  </p>
{:else if answer && view === 'grounds'}
  <p class="sum" role="status">
    {failing === 0
      ? 'Every text in use can be read.'
      : `${failing === 1 ? '1 text in use' : `${failing} texts in use`} cannot be read; a click on what is hatched shows what helps.`}
  </p>
  <ul aria-label="Grounds">
    {#each answer.grounds.slice(0, drawn) as ground (ground.color.hex)}
      {@const standing =
        asked?.ground === ground.color.hex
          ? ground.mayNot.find(({ color }) => color.hex === asked?.text)
          : undefined}
      <GroundBar
        {ground}
        {specimen}
        chosen={standing?.color.hex}
        onchoose={(chosen) => choose(ground.color.hex, chosen)}
        onnarrow={() => (narrowing = narrowing === ground.color.hex ? undefined : ground.color.hex)}
      />
      {#if narrowing === ground.color.hex && ground.may.length > 0}
        <li class="remedies"><Narrowing {ground} onclose={() => (narrowing = undefined)} /></li>
      {/if}
      {#if standing}
        <li class="remedies">
          <Remedies {ground} {standing} {level} {carrying} onclose={() => (asked = undefined)} />
        </li>
      {/if}
    {/each}
    {#each answer.composed as ground (ground.id)}
      <ComposedBar
        {ground}
        {specimen}
        onopen={() => {
          opened = ground.id;
          view = 'overlays';
        }}
      />
    {/each}
  </ul>
  {#if answer.more || answer.grounds.length > drawn}
    <p><Button look="quiet" onclick={() => (drawn += DRAWN)}>Show more grounds</Button></p>
  {/if}
  <OnAnyGround />
{:else if view === 'overlays'}
  <Overlays kept={answer?.composed ?? []} {opened} />
{:else if view === 'clashes'}
  <Clashes {carrying} />
{:else if answer}
  <!-- What scrolls must be reachable by keyboard. -->
  <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
  <pre tabindex="0" aria-label="What may stand on what, in words">{words}</pre>
  <Button onclick={copyWords}>Copy it as text</Button>
{/if}

<style>
  .level {
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  .sum {
    margin-bottom: 8px;
  }

  ul {
    display: grid;
    gap: 8px;
  }

  .remedies {
    display: block;
  }

  pre {
    margin-bottom: 12px;
    padding: 12px 14px;
    overflow: auto;
    border: var(--hairline);
    background: var(--paper);
    font: 400 var(--size-text) / 20px var(--text);
    white-space: pre-wrap;
  }

  .empty {
    padding: 24px;
    border: 1.5px dashed var(--ink-3);
  }
</style>
