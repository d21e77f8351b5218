<script lang="ts">
  import X from '@lucide/svelte/icons/x';
  import { pictureOf } from '../../api/addresses';
  import { isPicture, type Source } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import { kindWords } from './kinds';

  interface Props {
    /** Asked when somebody wants to see what drafting again would change. */
    onagain: () => void;
  }

  const { onagain }: Props = $props();
  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  async function remove(source: Source) {
    await doing.do(async () => {
      await bench.removeSource(source);
    });
  }
</script>

<ul aria-label="Sources">
  {#each bench.sheet.sources as source (source.id)}
    <li>
      <button
        type="button"
        aria-pressed={source.id === bench.sheet.shownId}
        title={source.name}
        onclick={() => (bench.sheet.shownId = source.id)}
      >
        {#if isPicture(source)}
          <img src={pictureOf(bench.id, source.id)} alt={source.name} />
          {#if source.crop}<span class="mood">mood board</span>{/if}
        {:else}
          <span class="listed"><b>{kindWords(source.kind)}</b>{source.name}</span>
        {/if}
      </button>
      {#if source.id === bench.sheet.shownId}
        <button
          type="button"
          class="off"
          aria-label="Take {source.name} off the sheet"
          title="Take it off the sheet"
          onclick={() => remove(source)}
        >
          <X size={14} aria-hidden="true" />
        </button>
      {/if}
    </li>
  {/each}
  <li class="drop" aria-hidden="true">drop here</li>
  {#if bench.brand.swatches.length > 0}
    <li><button type="button" class="again" onclick={onagain}>draft again…</button></li>
  {/if}
</ul>

<style>
  .again {
    min-height: 24px;
    text-decoration: underline;
  }

  ul {
    display: flex;
    flex-direction: column;
    gap: 8px;
  }

  li {
    position: relative;
  }

  [aria-pressed] {
    display: grid;
    place-items: center;
    width: 112px;
    height: 74px;
    padding: 6px;
    overflow: hidden;
    border: 1.5px solid var(--hair);
    background: var(--paper);
  }

  [aria-pressed='true'] {
    padding: 4.5px;
    border: 3px solid var(--ink);
  }

  img {
    width: 100%;
    height: 100%;
    object-fit: contain;
  }

  .listed {
    display: grid;
    max-width: 100%;
    overflow: hidden;
    font-size: var(--size-small);
    line-height: 15px;
    text-align: center;
    overflow-wrap: anywhere;
    padding-top: 12px;
  }

  .mood {
    position: absolute;
    bottom: 3px;
    left: 3px;
    padding: 0 4px;
    background: var(--paper);
    font-size: var(--size-small);
    line-height: 16px;
  }

  .off {
    position: absolute;
    top: 3px;
    right: 3px;
    display: grid;
    place-items: center;
    width: 24px;
    height: 24px;
    background: var(--paper);
    border: var(--hairline);
  }

  .drop {
    display: grid;
    place-items: center;
    height: 74px;
    border: 1.5px dashed var(--hair);
    color: var(--ink-2);
    font-size: var(--size-small);
  }
</style>
