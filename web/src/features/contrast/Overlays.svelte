<script lang="ts">
  import { untrack } from 'svelte';
  import { messageOf } from '../../api/problem';
  import { isPicture, type ComposedGround, type Recipe, type Stop } from '../../api/types';
  import { useBench } from '../../app/bench.svelte';
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
  const laid = untrack(() => new OverlayState(bench));

  /** Id of the kept ground that is changed; nothing for one that nobody has kept yet. */
  let changing = $state<string>();
  let name = $state('');
  let problem = $state<string>();
  let stops = $state.raw<Stop[]>([]);

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
    problem = undefined;
    try {
      await action();
      bench.say(words, true);
    } catch (error) {
      problem = messageOf(error);
    }
  }

  async function keep(event: SubmitEvent) {
    event.preventDefault();
    const given = name;
    const known = changing;
    await attempt(
      () => bench.keepGround(known, laid.body(given)),
      known ? `${given} is changed.` : `${given} is part of the brand now.`,
    );
    if (!known && !problem) {
      name = '';
    }
  }

  async function drop(ground: ComposedGround) {
    await attempt(() => bench.dropGround(ground.id), `${ground.name} is not part of the brand any more.`);
    changing = undefined;
  }

  let recipes = $state.raw<Recipe[]>([]);
  const pictures = $derived(bench.sheet.sources.filter(isPicture));
  const picture = $derived(pictures.find(({ id }) => id === laid.picture));

  $effect(() => {
    void bench.brand.revision;
    Promise.all([bench.recipes(), bench.stops()]).then(
      ([found, steps]) => {
        recipes = found;
        stops = steps;
      },
      (error: unknown) => bench.say(messageOf(error)),
    );
  });

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
<Complaint text={problem} />

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
