<script lang="ts">
  import { carriedSwatch, carriesSwatch, dragSwatch, droppedSwatch } from '../ui/drag';
  import Ticket from '../ui/Ticket.svelte';
  import AddSwatch from '../features/palette/AddSwatch.svelte';
  import { useBench } from '../bench/bench.svelte';
  import { Doing } from '../bench/doing.svelte';
  import { eyes } from '../bench/eyes.svelte';
  import PutOn from './PutOn.svelte';

  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  let list: HTMLElement;
  let putting = $state<string>();
  let adding = $state(false);
  /** Where the ticket that is being dragged would stand. */
  let over: number | undefined;
  let endMove = () => {};

  function onkeydown(event: KeyboardEvent) {
    const step = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
    if (step !== 0) {
      const buttons = [...list.querySelectorAll('button')];
      const at = buttons.indexOf(document.activeElement as HTMLButtonElement);
      buttons[at + step]?.focus();
      event.preventDefault();
    }
  }

  /** What stands in the slots of all themes as they are kept, whatever a gesture shows. */
  function slots(): string {
    const themes = bench.kept.stored?.themes ?? [];
    return themes.flatMap((theme) => theme.slots.map(({ hex }) => hex)).join();
  }

  async function ondrop(event: DragEvent, position: number) {
    over = undefined;
    const id = droppedSwatch(event);
    if (id) {
      event.preventDefault();
      await doing.do(async () => {
        const before = slots();
        await bench.palette.moveSwatch(id, position);
        if (slots() !== before) {
          const name = bench.brand.swatches.find((swatch) => swatch.id === id)?.name ?? '';
          bench.say(`${name} stands at place ${position + 1}; accents that were suggested follow.`, true);
        }
      });
    }
  }

  function hang(event: DragEvent, position: number) {
    if (carriesSwatch(event)) {
      event.preventDefault();
      const id = carriedSwatch();
      if (id && over !== position) {
        over = position;
        endMove = bench.palette.previewMove(id, position);
      }
    }
  }

  function ondragend() {
    over = undefined;
    endMove();
  }

  function ondragleave(event: DragEvent) {
    if (over !== undefined && !list.contains(event.relatedTarget as Node | null)) {
      ondragend();
    }
  }
</script>

<section aria-label="Strip" data-strip>
  <!-- Arrow keys move between the buttons inside. -->
  <!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
  <ul class:seen={eyes.matrix} bind:this={list} {onkeydown} {ondragleave} {ondragend}>
    {#each bench.brand.swatches as swatch, index (swatch.id)}
      <li
        ondragenter={(event) => hang(event, index)}
        ondragover={(event) => hang(event, index)}
        ondrop={(event) => ondrop(event, index)}
      >
        <button
          type="button"
          draggable="true"
          aria-label="{swatch.name}, {swatch.hex.slice(1)}{swatch.offLimits ? ', off-limits' : ''}: put on…"
          ondragstart={(event) => dragSwatch(event, swatch.id)}
          onclick={() => (putting = swatch.id)}
        >
          <!-- The name comes first, as it is read out; the ticket is drawn above it. -->
          <span class="name">{swatch.name}</span>
          <Ticket hex={swatch.hex} ink={swatch.ink} crossed={swatch.offLimits} />
        </button>
      </li>
    {/each}
    <li>
      <button type="button" class="add" onclick={() => (adding = true)}>
        <span class="name">Add</span>
        <span class="frame" aria-hidden="true">+</span>
      </button>
    </li>
  </ul>
</section>

{#if putting}
  <PutOn swatchId={putting} onclose={() => (putting = undefined)} />
{/if}
{#if adding}
  <AddSwatch onclose={() => (adding = false)} />
{/if}

<style>
  .seen {
    filter: url('#eyes');
  }

  section {
    grid-area: strip;
    min-width: 0;
    border-bottom: var(--rule);
    background: var(--bench);
  }

  ul {
    display: flex;
    gap: 8px;
    height: 100%;
    padding: 10px 16px 0;
    overflow: auto hidden;
    scrollbar-width: thin;
  }

  li {
    flex: none;
  }

  button {
    display: flex;
    flex-direction: column-reverse;
    width: 118px;
  }

  .name {
    display: block;
    padding-top: 3px;
    overflow: hidden;
    font-size: var(--size-small);
    font-weight: 600;
    line-height: 16px;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  .frame {
    display: grid;
    place-items: center;
    align-self: stretch;
    height: 52px;
    border: 1.5px dashed var(--ink-3);
    font-size: var(--size-title);
  }

  @media (max-width: 899px) {
    ul {
      padding-bottom: 8px;
    }
  }
</style>
