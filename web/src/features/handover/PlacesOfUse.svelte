<script lang="ts">
  import type { PlaceOfUse, PlaceRequest } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import { Resource } from '../../bench/resource.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import { PLACE_KINDS, placeKind } from '../../words/handover';
  import AddPlace from './AddPlace.svelte';

  const bench = useBench();
  const doing = new Doing();

  let asked = $state(0);
  let adding = $state(false);
  let removed = $state.raw<PlaceOfUse>();

  const places = new Resource(() => ({
    key: `${bench.brand.revision} ${asked}`,
    ask: (signal) => bench.handover.places(signal),
  }));

  async function and(action: Promise<void>) {
    await doing.do(async () => {
      await action;
      asked += 1;
    });
  }

  function given({ kind, given: colors, logo }: PlaceOfUse): string {
    const count = colors.length === 1 ? '1 colour' : `${colors.length} colours`;
    return `${placeKind(kind)}: ${count}${logo ? ', logo' : ''}`;
  }

  async function add(place: PlaceRequest) {
    await and(bench.handover.addPlace(place));
    adding = doing.problem !== undefined;
  }

  async function remove(place: PlaceOfUse) {
    await and(bench.handover.removePlace(place.id));
    removed = place;
  }

  async function putBack(place: PlaceOfUse) {
    await and(bench.handover.putPlaceBack(place.id));
    removed = undefined;
  }
</script>

<Complaint text={doing.problem ?? places.problem} />
<ul>
  {#each places.value ?? [] as place (place.id)}
    <li>
      <b>{place.name}</b>, {given(place)}
      {#if place.redo.length > 0 || place.redoLogo}
        <p>Redo by hand:</p>
        <ul class="redo">
          {#each place.redo as { swatchId, name, before, now } (swatchId)}
            <li>{name} {before.slice(1)} → {now ? now.slice(1) : 'take it out'}</li>
          {/each}
          {#if place.redoLogo}<li>the logo, which is another one now</li>{/if}
        </ul>
        <Button look="quiet" onclick={() => and(bench.handover.redone(place.id))}
          >Done<span class="visually-hidden">&nbsp;at {place.name}</span></Button
        >
      {:else}
        <p>Still true.</p>
      {/if}
      <Button look="quiet" onclick={() => remove(place)}
        >Remove<span class="visually-hidden">&nbsp;{place.name}</span></Button
      >
    </li>
  {/each}
</ul>
{#if removed}
  {@const gone = removed}
  <p role="status">
    {gone.name} is removed. <Button look="quiet" onclick={() => putBack(gone)}>Put it back</Button>
  </p>
{/if}
{#if adding}
  <AddPlace kinds={PLACE_KINDS} onadd={add} oncancel={() => (adding = false)} />
{:else}
  <Button look="quiet" onclick={() => (adding = true)}>Add a place</Button>
{/if}

<style>
  ul {
    list-style: none;
  }

  li {
    padding: 4px 0;
    border-bottom: var(--hairline);
    font-size: var(--size-small);
  }

  p {
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  .redo {
    padding-left: 12px;
  }

  .redo li {
    border: 0;
    padding: 0;
    font-family: var(--code);
  }
</style>
