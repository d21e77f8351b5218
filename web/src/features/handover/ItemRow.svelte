<script lang="ts">
  import type { Snippet } from 'svelte';
  import { deliveryOf } from '../../api/addresses';
  import type { Item, ItemFile, Theme } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { addressOf } from '../../bench/route.svelte';
  import { files } from '../../words/handover';
  import { formName } from '../../words/logos';
  import { slotName } from '../../words/slots';

  interface Props {
    item: Item;
    theme: Theme;
    chosen: boolean;
    onchoose: (chosen: boolean) => void;
    preview: Snippet;
    /** What else can be done with it. */
    more?: Snippet | undefined;
  }

  const { item, theme, chosen, onchoose, preview, more }: Props = $props();
  const bench = useBench();

  const possible = $derived(item.files.filter(({ unfilled, missing }) => unfilled.length === 0 && !missing));
  const blocked = $derived(item.files.find((file) => !possible.includes(file)));

  function why({ unfilled, missing }: ItemFile): string {
    if (missing) {
      return `The logo has no ${formName(missing)} yet.`;
    }
    return unfilled.length === theme.slots.length
      ? 'Needs a theme, and none of its twelve slots is set yet.'
      : `Needs all twelve theme slots; still empty: ${unfilled.map(slotName).join(', ')}.`;
  }
</script>

<li>
  <input
    type="checkbox"
    aria-label="{item.name} in the parcel"
    checked={chosen && possible.length > 0}
    disabled={possible.length === 0}
    onchange={(event) => onchoose(event.currentTarget.checked)}
  />
  <div class="preview">
    {#if possible.length > 0}{@render preview()}{/if}
  </div>
  <div>
    <h3>{item.name}</h3>
    <p>{item.use}</p>
    {#if blocked && possible.length === 0}
      <p class="blocked">
        {why(blocked)}
        <a href={addressOf(bench.id, blocked.missing ? 'logos' : 'theme')}
          >{blocked.missing ? 'Make one in Logos' : 'Fill them in Theme'}</a
        >
      </p>
    {:else}
      <p class="files">
        <span>{files(possible.length)}</span>
        {#each possible as { kind, label } (kind)}
          <a href={deliveryOf(bench.id, kind, theme.id)} download aria-label="{label}, {item.name}, download"
            >{label}</a
          >
        {/each}
        {@render more?.()}
      </p>
    {/if}
  </div>
</li>

<style>
  li {
    display: grid;
    grid-template-columns: 20px 132px 1fr;
    gap: 0 12px;
    align-items: start;
    padding: 8px 0;
    border-top: var(--hairline);
  }

  input {
    width: 16px;
    height: 16px;
    margin-top: 4px;
    accent-color: var(--ink);
  }

  .preview {
    height: 75px;
    overflow: hidden;
  }

  h3 {
    font-size: var(--size-body);
  }

  p {
    font-size: var(--size-small);
    line-height: 17px;
  }

  .files {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px 12px;
    margin-top: 4px;
  }

  .files > span {
    color: var(--ink-2);
  }

  .files > a {
    min-height: 24px;
    font-weight: 600;
    line-height: 24px;
  }

  .blocked {
    margin-top: 4px;
    padding: 4px 10px;
    border-left: 4px solid var(--ink);
    background: var(--paper);
  }
</style>
