<script lang="ts">
  import { Resource } from '../../bench/resource.svelte';
  import { untrack } from 'svelte';
  import { isPicture, type ComposedGround, type Recipe } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import { OverlayState } from './overlay.svelte';
  import OverlayChoices from './OverlayChoices.svelte';
  import OverlayField from './OverlayField.svelte';
  import { recipeName } from './overlays';

  interface Props {
    /** What the brand keeps. */
    kept: readonly ComposedGround[];
    /** Id of the kept ground that is shown first. */
    opened?: string | undefined;
  }

  const { kept, opened }: Props = $props();
  const bench = useBench();
  const doing = new Doing();
  const laid = untrack(() => new OverlayState(bench));

  /** Id of the kept ground that is changed; nothing for one that nobody has kept yet. */
  let changing = $state<string>();
  let name = $state('');

  untrack(() => {
    const first = kept.find(({ id }) => id === opened);
    if (first) {
      open(first);
    }
  });

  function open(ground: ComposedGround) {
    laid.open(ground);
    changing = ground.id;
    name = ground.name;
  }

  function follow(recipe: Recipe) {
    laid.follow(recipe);
    changing = undefined;
    name = '';
  }

  async function attempt(action: () => Promise<void>, words: string) {
    await doing.once(async () => {
      await action();
      bench.say(words, true);
    });
  }

  async function keep(event: SubmitEvent) {
    event.preventDefault();
    const given = name;
    const known = changing;
    await attempt(
      () => bench.grounds.keepGround(known, laid.body(given)),
      known ? `${given} is changed.` : `${given} is part of the brand now.`,
    );
    if (!known && !doing.problem) {
      name = '';
    }
  }

  async function drop(ground: ComposedGround) {
    await attempt(
      () => bench.grounds.dropGround(ground.id),
      `${ground.name} is not part of the brand any more.`,
    );
    changing = undefined;
  }

  const offered = new Resource(() => ({
    key: `${bench.brand.revision} ${bench.theme.id}`,
    ask: (signal) => Promise.all([bench.grounds.recipes(signal), bench.grounds.stops(signal)]),
  }));
  const recipes = $derived(offered.value?.[0] ?? []);
  const stops = $derived(offered.value?.[1] ?? []);
  const pictures = $derived(bench.sheet.sources.filter(isPicture));
  const picture = $derived(pictures.find(({ id }) => id === laid.picture));

  $effect(() => laid.judge());
</script>

{#if kept.length > 0}
  <div class="recipes" role="group" aria-label="Grounds of the brand">
    <b>Kept</b>
    {#each kept as ground (ground.id)}
      <button type="button" class="kept" aria-pressed={changing === ground.id} onclick={() => open(ground)}
        >{ground.name}</button
      >
    {/each}
  </div>
{/if}
<div class="recipes" role="group" aria-label="Recipes">
  {#each recipes as recipe (recipe.kind)}
    <Button onclick={() => follow(recipe)}>{recipeName(recipe.kind)}</Button>
  {/each}
</div>

<OverlayField {laid} {picture} />
<form onsubmit={keep}>
  <label>
    Name
    <input bind:value={name} aria-label="Name of the ground" required maxlength="80" autocomplete="off" />
  </label>
  <Button type="submit">{changing ? 'Save the change' : 'Keep it in the brand'}</Button>
  {#each kept.filter(({ id }) => id === changing) as ground (ground.id)}
    <Button look="quiet" onclick={() => drop(ground)}
      >Drop it<span class="visually-hidden">&nbsp;{ground.name}</span></Button
    >
  {/each}
</form>
<Complaint text={doing.problem ?? offered.problem} />

<OverlayChoices {laid} {stops} {pictures} {picture} />

<style>
  .recipes {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 12px;
    align-items: center;
    margin-bottom: 12px;
  }

  .kept {
    min-height: 28px;
    padding: 2px 10px;
    border: var(--rule);
    font-weight: 600;
  }

  .kept[aria-pressed='true'] {
    background: var(--ink);
    color: var(--paper);
  }

  form {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 12px;
    align-items: center;
    margin-bottom: 14px;
  }

  form label {
    font-weight: 600;
  }

  form input {
    min-height: 32px;
    margin-left: 8px;
    padding: 4px 8px;
    border: var(--rule);
    background: var(--paper);
  }
</style>
