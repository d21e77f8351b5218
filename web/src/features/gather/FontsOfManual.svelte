<script lang="ts">
  import type { Source } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import { Resource } from '../../bench/resource.svelte';
  import Button from '../../ui/Button.svelte';

  /** The fonts that a manual names, offered as the brand's. */
  interface Props {
    source: Source;
  }

  const { source }: Props = $props();
  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  const named = new Resource(() => ({
    key: source.id,
    ask: (signal) => bench.type.namedIn(source.id, signal),
  }));
  const heading = $derived(named.value?.heading);
  const body = $derived(named.value?.body);
  const set = $derived(bench.brand.type.heading.family === heading && bench.brand.type.body.family === body);

  function take(heading: string, body: string) {
    void doing.do(async () => {
      await bench.type.takePair({ heading, body });
      bench.say(`Headings in ${heading}, text in ${body}, as the manual has them.`, true);
    });
  }
</script>

{#if heading && body}
  <p>
    <span>
      {heading === body
        ? `The manual means ${heading}.`
        : `The manual means ${heading} for headings and ${body} for text.`}
    </span>
    {#if set}
      <span>The brand is set so.</span>
    {:else}
      <Button look="quiet" onclick={() => take(heading, body)}>Take its fonts</Button>
    {/if}
  </p>
{/if}

<style>
  p {
    display: flex;
    gap: 8px;
    align-items: center;
    font-size: var(--size-small);
  }
</style>
