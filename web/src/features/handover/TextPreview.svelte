<script lang="ts">
  import { answered, api } from '../../api/client';
  import { useBench } from '../../bench/bench.svelte';
  import { Resource } from '../../bench/resource.svelte';
  import Complaint from '../../ui/Complaint.svelte';

  interface Props {
    kind: string;
    theme: string;
    name: string;
  }

  const { kind, theme, name }: Props = $props();
  const bench = useBench();

  const text = new Resource(() => {
    const params = { path: { id: bench.id, kind }, query: { theme } };
    return {
      key: `${kind} ${theme} ${bench.brand.revision}`,
      ask: (signal) =>
        answered(api.GET('/api/brands/{id}/deliveries/{kind}', { params, parseAs: 'text', signal })),
    };
  });
</script>

{#if text.problem}
  <Complaint text={text.problem} />
{:else if text.value !== undefined}
  <!-- What scrolls must be reachable by keyboard. -->
  <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
  <pre tabindex="0" aria-label="Preview of {name}" aria-busy={text.slow}>{text.value}</pre>
{/if}

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
