<script lang="ts">
  import { untrack } from 'svelte';
  import { pictureOf } from '../../api/addresses';
  import { messageOf } from '../../api/problem';
  import { isPicture, type ComposedGround, type Recipe, type Stop } from '../../api/types';
  import { useBench } from '../../app/bench.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import Segments from '../../ui/Segments.svelte';
  import ColorChoice from './ColorChoice.svelte';
  import { OverlayState } from './overlay.svelte';
  import { markOf, opacityWords, recipeName, worstWords } from './overlays';

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

  const SHAPES = [
    { value: 'linear', name: 'linear' },
    { value: 'radial', name: 'radial' },
  ] as const;

  let recipes = $state.raw<Recipe[]>([]);
  const pictures = $derived(bench.sheet.sources.filter(isPicture));
  const picture = $derived(pictures.find(({ id }) => id === laid.picture));
  const specimen = $derived(bench.specimen);

  /** Where the mark of the worst place stands, in percent of the field. */
  const mark = $derived.by(() => {
    const { worst } = laid;
    if (worst?.x !== undefined && worst.y !== undefined && picture) {
      return { x: (worst.x / picture.width) * 100, y: (worst.y / picture.height) * 100 };
    }
    return worst?.place === undefined ? undefined : markOf(worst.place, laid.shape === 'radial', laid.angle);
  });

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

  function setStop(index: number, hex: string | undefined) {
    if (hex) {
      laid.stops = laid.stops.map((stop, place) => (place === index ? hex : stop));
    }
  }
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

<div
  class="field"
  inert
  style:--ground={picture ? 'none' : laid.ground}
  style:--ratio={picture ? picture.width / picture.height : 3}
  style:--overlay={laid.overlay ?? 'transparent'}
  style:--opacity={laid.overlay ? laid.opacity / 100 : 0}
  style:--on={laid.text}
  style:--heading={specimen.headingFont}
  style:--body={specimen.bodyFont}
>
  {#if picture}<img src={pictureOf(bench.id, picture.id)} alt="" />{/if}
  <i></i>
  <p><b>Summer is near</b><span>New times from 1 May, every hour until dusk</span></p>
  {#if mark}<em style:left="{mark.x}%" style:top="{mark.y}%"></em>{/if}
</div>
<p role="status" class="worst">{laid.worst ? worstWords(laid.worst) : 'Judging…'}</p>
<Complaint text={laid.problem} />
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

<div class="choices">
  <label>
    Ground
    <select
      aria-label="Ground"
      value={laid.picture ?? ''}
      onchange={(event) => (laid.picture = event.currentTarget.value || undefined)}
    >
      <option value="">a gradient</option>
      {#each pictures as { id, name } (id)}<option value={id}>{name}</option>{/each}
    </select>
  </label>
  {#if !picture}
    {#each laid.stops as stop, index (index)}
      <ColorChoice
        label="Stop {index + 1}"
        value={stop}
        steps={stops}
        onchange={(hex) => setStop(index, hex)}
      />
    {/each}
    {#if laid.stops.length < 3}
      <Button look="quiet" onclick={() => (laid.stops = [...laid.stops, laid.stops[1] ?? '#FFFFFF'])}>
        A third stop
      </Button>
    {:else}
      <Button look="quiet" onclick={() => (laid.stops = laid.stops.slice(0, 2))}>Only two stops</Button>
    {/if}
    <Segments label="Shape" options={SHAPES} value={laid.shape} onchange={(shape) => (laid.shape = shape)} />
    {#if laid.shape === 'linear'}
      <label>
        Angle, degrees
        <input type="number" min="0" max="359" step="15" bind:value={laid.angle} />
      </label>
    {/if}
  {/if}
  <ColorChoice
    label="Laid over it"
    value={laid.overlay}
    none="nothing"
    onchange={(hex) => (laid.overlay = hex)}
  />
  <ColorChoice label="Text" value={laid.text} onchange={(hex) => (laid.text = hex ?? laid.text)} />
</div>
{#if laid.overlay}
  <label class="opacity">
    <input
      type="range"
      min="0"
      max="100"
      step="5"
      bind:value={laid.opacity}
      aria-label="Opacity of what is laid over it"
      aria-valuetext={opacityWords(laid.opacity)}
    />
    {opacityWords(laid.opacity)}
  </label>
{/if}

<style>
  .recipes,
  .choices {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 12px;
    align-items: end;
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

  .field {
    position: relative;
    width: min(100%, calc(400px * var(--ratio)));
    aspect-ratio: var(--ratio);
    overflow: hidden;
    border: var(--hairline);
    background: var(--ground);
  }

  img {
    position: absolute;
    width: 100%;
    height: 100%;
  }

  i {
    position: absolute;
    inset: 0;
    background: var(--overlay);
    opacity: var(--opacity);
  }

  .field p {
    position: absolute;
    inset: auto 0 12% 24px;
    display: grid;
    gap: 4px;
    color: var(--on);
    font:
      400 14px / 20px var(--body),
      sans-serif;
  }

  b {
    font:
      700 28px / 34px var(--heading),
      sans-serif;
  }

  /* Two tones, so that the mark is seen on every ground. */
  em {
    position: absolute;
    width: 22px;
    height: 22px;
    margin: -11px;
    border: 2px solid var(--ink);
    border-radius: 50%;
    outline: 2px solid var(--paper);
  }

  .worst {
    margin: 8px 0 12px;
    font-weight: 600;
  }

  .choices label {
    display: grid;
    gap: 2px;
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  input[type='number'] {
    width: 76px;
    min-height: 32px;
    padding: 2px 6px;
    border: var(--rule);
    background: var(--paper);
  }

  .opacity {
    display: flex;
    gap: 12px;
    align-items: center;
  }

  .opacity input {
    width: 280px;
  }
</style>
