<script lang="ts">
  import ChevronDown from '@lucide/svelte/icons/chevron-down';
  import type { RoleOfType, StandIn, TypeRole } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import IconButton from '../../ui/IconButton.svelte';
  import { typeRoleName } from '../../words/type';
  import { fileWords, grouped, lineWords, placesWords, sameStandIns, seenAs, signedPercent } from './type';

  interface Props {
    role: TypeRole;
    told: RoleOfType | undefined;
    /** What the heading is told; of the same stand-ins it need not be said twice. */
    heading: RoleOfType | undefined;
    /** The one that is laid over the sample. */
    compared: StandIn | undefined;
    oncompare: (standIn: StandIn | undefined) => void;
  }

  const { role, told, heading, compared, oncompare }: Props = $props();
  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  /** Place whose stand-in is being chosen, and what may stand in there. */
  let choosing = $state.raw<{ place: StandIn['place']; ranked: StandIn[] }>();

  const own = $derived(bench.faces.font(told?.fontId)?.origin === 'own');
  const asHeading = $derived(role !== 'heading' && sameStandIns(told, heading));
  const groups = $derived(asHeading ? [] : grouped(told?.standIns ?? []));

  async function toggle(place: StandIn['place']) {
    const open = choosing?.place === place;
    choosing = undefined;
    if (!open) {
      await doing.do(async () => {
        choosing = { place, ranked: await bench.type.standIns(role, place) };
      });
    }
  }

  function choose(places: StandIn['place'][], family: string) {
    void doing.do(async () => {
      choosing = undefined;
      oncompare(undefined);
      await bench.type.set(role, { standIns: places.map((place) => ({ place, family })) });
    });
  }
</script>

<div class="beside">
  {#each groups as { places, standIn } (standIn.family)}
    <div class="row">
      <span>{placesWords(places)}</span>
      <button
        type="button"
        aria-pressed={compared?.family === standIn.family}
        title={lineWords(standIn)}
        aria-label="{seenAs(standIn)} instead of the {typeRoleName(role)}: lay it over the sample. {lineWords(
          standIn,
        )}"
        onclick={() => oncompare(compared?.family === standIn.family ? undefined : standIn)}
        ><b>{standIn.family}</b>{seenAs(standIn).slice(standIn.family.length)}</button
      >
      <code>{signedPercent(standIn.longer)}</code>
      <IconButton
        label="Another one for {placesWords(places)}"
        aria-expanded={choosing !== undefined && places.includes(choosing.place)}
        onclick={() => toggle(places[0] ?? 'slides')}><ChevronDown size={14} aria-hidden="true" /></IconButton
      >
      {#if choosing && places.includes(choosing.place)}
        <select
          aria-label="What is seen instead in {placesWords(places)}"
          onchange={(event) => choose(places, event.currentTarget.value)}
        >
          <option value="" selected={!standIn.chosen}>the most alike</option>
          {#each choosing.ranked as other (other.family)}
            <option value={other.family} selected={standIn.chosen && other.family === standIn.family}>
              {other.family}, {signedPercent(other.longer)}{other.shipped ? ', to install' : ''}
            </option>
          {/each}
        </select>
      {/if}
    </div>
  {/each}
  {#if asHeading}
    <p>Everywhere as the heading.</p>
  {:else if told}
    <p>{fileWords(told, own)}</p>
  {/if}
  {#if role === 'subheading'}<p>A theme holds two fonts; styles and layouts carry this one.</p>{/if}
</div>

<style>
  .beside {
    display: grid;
    gap: 2px;
    align-content: start;
    font-size: var(--size-small);
    line-height: 16px;
  }

  .row {
    display: grid;
    grid-template-columns: 62px minmax(0, 1fr) auto 24px;
    gap: 0 4px;
    align-items: start;
  }

  .row > span {
    padding-top: 4px;
    color: var(--ink-2);
  }

  .row > button {
    min-height: 24px;
    padding: 4px;
    text-align: start;
  }

  .row > button[aria-pressed='true'] {
    background: var(--ink);
    color: var(--paper);
  }

  .row :global(button[aria-expanded]) {
    width: 24px;
    height: 24px;
  }

  code {
    font-size: var(--size-small);
    line-height: 24px;
  }

  select {
    grid-column: 2 / -1;
    min-height: 24px;
    font-size: var(--size-small);
  }

  p {
    color: var(--ink-2);
  }
</style>
