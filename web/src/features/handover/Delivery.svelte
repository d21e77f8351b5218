<script lang="ts">
  import type { Snippet } from 'svelte';
  import { deliveryOf } from '../../api/addresses';
  import { useBench } from '../../bench/bench.svelte';
  import type { DeliveryWords } from './kinds';

  interface Props {
    kind: string;
    /** Id of the theme that it is made in. */
    theme: string;
    words: DeliveryWords;
    /** Why it cannot be made yet. */
    blocked?: string | undefined;
    remedy?: { address: string; name: string };
    children: Snippet;
  }

  const { kind, theme, words, blocked, remedy, children }: Props = $props();
  const bench = useBench();
</script>

<li>
  <div class="preview">{@render children()}</div>
  <div>
    <h2>{words.name}</h2>
    <p class="size">{words.size}</p>
    <p>{words.use}</p>
    {#if blocked}
      <p class="blocked">
        {blocked}
        {#if remedy}<a href={remedy.address}>{remedy.name}</a>{/if}
      </p>
    {:else}
      <a class="download" href={deliveryOf(bench.id, kind, theme)} download
        >Download<span class="visually-hidden">&nbsp;{words.name}</span></a
      >
    {/if}
  </div>
</li>

<style>
  li {
    display: grid;
    grid-template-columns: 256px 1fr;
    gap: 20px;
    padding: 16px 0;
    border-bottom: var(--hairline);
  }

  .preview {
    height: 144px;
    overflow: hidden;
  }

  h2 {
    font-size: var(--size-lead);
  }

  p {
    margin-top: 4px;
  }

  .size {
    margin: 0;
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  .download {
    display: inline-flex;
    align-items: center;
    min-height: 32px;
    margin-top: 10px;
    padding: 4px 12px;
    border: var(--rule);
    background: var(--ink);
    color: var(--paper);
    font-weight: 600;
    text-decoration: none;
  }

  .download:hover {
    text-decoration: underline;
    text-underline-offset: 3px;
  }

  .blocked {
    margin-top: 10px;
    padding: 6px 10px;
    border-left: 4px solid var(--ink);
    background: var(--paper);
  }
</style>
