<script lang="ts">
  import { untrack } from 'svelte';
  import type { Source } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import Combinations from './Combinations.svelte';
  import FoundTheme from './FoundTheme.svelte';
  import { kindWords } from './kinds';
  import { ListingState } from './listing.svelte';
  import UsedColorRow from './UsedColorRow.svelte';

  interface Props {
    source: Source;
  }

  const { source }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  const taken = $derived(new Set(bench.brand.swatches.map((swatch) => swatch.hex)));

  // The view is made anew for every file.
  const listing = untrack(() => new ListingState(bench.id, source, taken));

  const inventory = $derived(listing.inventory);
  const chosen = $derived(
    inventory?.colors.filter((color) => listing.chosen.has(color.hex) && !taken.has(color.hex)) ?? [],
  );

  function takeChosen() {
    void doing.once(async () => {
      const counted = chosen.length === 1 ? '1 colour' : `${chosen.length} colours`;
      await bench.palette.addSwatches(
        chosen.map(({ hex, name }) => ({
          hex,
          ...(name ? { name } : {}),
          origin: { source: source.name },
        })),
      );
      bench.say(`${counted} taken from ${source.name}. Name and order them in Palette.`, true);
    });
  }
</script>

<div class="view">
  <h2>{source.name}</h2>
  <p class="kind">
    {kindWords(source.kind)}{inventory?.theme ? ': take its theme, or single colours of it' : ''}
  </p>
  <Complaint text={listing.problem ?? doing.problem} />
  {#if inventory}
    {#if inventory.theme}
      <FoundTheme theme={inventory.theme} ontake={() => doing.once(() => bench.takeTheme(source))} />
    {/if}
    {#if inventory.colors.length > 0}
      <section>
        <h3>{inventory.colors.length === 1 ? '1 colour' : `${inventory.colors.length} colours`}</h3>
        <!-- A list that scrolls must be reached by keyboard. -->
        <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
        <ul aria-label="Colours of the file" tabindex="0">
          {#each inventory.colors as color (color.hex)}
            <UsedColorRow
              {color}
              chosen={listing.chosen.has(color.hex)}
              inPalette={taken.has(color.hex)}
              ontoggle={() => listing.toggle(color)}
            />
          {/each}
        </ul>
        <div class="take">
          <span>{chosen.length} chosen.</span>
          <Button
            look={inventory.theme ? 'plain' : 'main'}
            disabled={chosen.length === 0}
            onclick={takeChosen}
          >
            Take chosen
          </Button>
        </div>
      </section>
    {/if}
    {#if !inventory.counted && inventory.theme}
      <p class="kind">
        What its pages use cannot be counted: the file is in a form that only its theme can be read of.
      </p>
    {/if}
    {#if inventory.combinations.length > 0}
      <Combinations combinations={inventory.combinations} from={source.name} />
    {/if}
  {:else if !listing.problem}
    <p role="status">Counting the colours of {source.name}…</p>
  {/if}
</div>

<style>
  .view {
    display: grid;
    gap: 10px;
    align-content: start;
    min-width: 0;
  }

  h2 {
    font-size: var(--size-lead);
    line-height: 20px;
  }

  h3 {
    font-size: var(--size-text);
    line-height: 20px;
  }

  .kind {
    margin-top: -8px;
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(260px, 1fr));
    gap: 0 16px;
    max-height: 250px;
    margin-top: 4px;
    overflow: auto;
  }

  .take {
    display: flex;
    gap: 12px;
    align-items: center;
    justify-content: end;
    margin-top: 8px;
  }

  .take span {
    flex: 1;
    color: var(--ink-2);
    font-size: var(--size-small);
  }
</style>
