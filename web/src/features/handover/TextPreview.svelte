<script lang="ts">
  import { answered, api } from '../../api/client';
  import { messageOf } from '../../api/problem';
  import { useBench } from '../../app/bench.svelte';

  interface Props {
    kind: 'css' | 'text';
    theme: string;
    name: string;
  }

  const { kind, theme, name }: Props = $props();
  const bench = useBench();

  const text = $derived.by(() => {
    // Read anew whenever the brand has a new revision.
    void bench.brand.revision;
    const params = { path: { id: bench.id, kind }, query: { theme } };
    return answered(api.GET('/api/brands/{id}/deliveries/{kind}', { params, parseAs: 'text' }));
  });
</script>

{#await text then content}
  <!-- What scrolls must be reachable by keyboard. -->
  <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
  <pre tabindex="0" aria-label="Preview of {name}">{content}</pre>
{:catch error}
  <p role="alert">{messageOf(error)}</p>
{/await}

<style>
  pre {
    height: 144px;
    padding: 8px;
    overflow: auto;
    border: var(--hairline);
    background: var(--paper);
    font: 400 11px / 16px var(--code);
  }
</style>
