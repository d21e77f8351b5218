<script lang="ts">
  import { Resource } from '../../bench/resource.svelte';
  import ChevronLeft from '@lucide/svelte/icons/chevron-left';
  import ChevronRight from '@lucide/svelte/icons/chevron-right';
  import { type Dress, pictureOf, slideOf } from '../../api/addresses';
  import { hasSlides, isPicture } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { eyes } from '../../bench/eyes.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import IconButton from '../../ui/IconButton.svelte';

  /** A slide or a picture of one's own among the specimens; a slide takes the theme on. */
  interface Props {
    moment: 'now' | 'before';
    /** Whether the page can be chosen here. */
    choosing?: boolean;
    /** What a slide wears; nothing: the theme that is looked at. */
    dress?: (Dress & { name: string }) | undefined;
  }

  const { moment, dress, choosing = true }: Props = $props();
  const bench = useBench();

  let number = $state(1);

  const worn = $derived(
    dress ?? {
      brand: bench.id,
      theme: bench.theme.id,
      revision: bench.brand.revision,
      name: bench.theme.name,
    },
  );

  const sources = $derived(bench.sheet.sources.filter((source) => hasSlides(source) || isPicture(source)));
  const shown = $derived(sources.find(({ id }) => id === bench.ownPage));
  const deck = $derived(shown && hasSlides(shown) ? shown : undefined);

  const asked = new Resource(() => {
    const id = deck?.id;
    return id ? { key: id, ask: (signal) => bench.slides(id, signal) } : undefined;
  });
  const count = $derived(asked.value ?? 0);
  /** Said of a slide that the browser could not show. */
  let broken = $state<string>();

  $effect(() => {
    // Another deck begins with its first slide.
    void deck?.id;
    number = 1;
    broken = undefined;
  });
</script>

<div class="own">
  {#if choosing && sources.length > 0}
    <select
      aria-label="A page of your own"
      value={shown?.id ?? ''}
      onchange={(event) => (bench.ownPage = event.currentTarget.value || undefined)}
    >
      <option value="">a page of your own: none</option>
      {#each sources as { id, name } (id)}<option value={id}>{name}</option>{/each}
    </select>
  {/if}
  {#if deck && count > 0}
    <img
      class:seen={eyes.matrix}
      src={slideOf(bench.id, deck.id, number, moment === 'now' ? worn : undefined)}
      alt="Slide {number} of {deck.name}, {moment === 'now' ? `in the theme ${worn.name}` : 'as it is'}"
      onerror={() => (broken = `Slide ${number} of ${deck.name} cannot be drawn.`)}
    />
    <p>
      <IconButton label="Slide before" disabled={number === 1} onclick={() => number--}
        ><ChevronLeft size={16} aria-hidden="true" /></IconButton
      >
      slide {number} of {count}
      <IconButton label="Slide after" disabled={number === count} onclick={() => number++}
        ><ChevronRight size={16} aria-hidden="true" /></IconButton
      >
      <span>charts and diagrams are not drawn</span>
    </p>
  {:else if shown && isPicture(shown)}
    <img class:seen={eyes.matrix} src={pictureOf(bench.id, shown.id)} alt={shown.name} />
    <p><span>A picture has no theme: it stays as it is.</span></p>
  {/if}
  <Complaint text={asked.problem ?? broken} />
</div>

<style>
  .own {
    display: grid;
    gap: 4px;
    margin-bottom: 10px;
  }

  select {
    width: 100%;
  }

  img {
    width: 100%;
    background: var(--paper);
  }

  .seen {
    filter: url('#eyes');
  }

  p {
    display: flex;
    gap: 4px;
    align-items: center;
    font-size: var(--size-small);
  }

  span {
    color: var(--ink-2);
  }
</style>
