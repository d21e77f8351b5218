<script lang="ts">
  import { answered, api } from '../../api/client';
  import type { Gap, Gaps } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import Dialog from '../../ui/Dialog.svelte';
  import Ticket from '../../ui/Ticket.svelte';
  import { gapReason } from './gaps';

  interface Props {
    onclose: () => void;
  }

  const { onclose }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  let gaps = $state.raw<Gaps>();

  async function load() {
    await doing.once(async () => {
      gaps = await answered(api.GET('/api/brands/{id}/palette/gaps', { params: { path: { id: bench.id } } }));
    });
  }

  void load();

  async function take(gap: Gap) {
    await doing.once(async () => {
      await bench.palette.addSwatches([
        { hex: gap.hex, name: gap.name, origin: { source: 'missing colours' } },
      ]);
      bench.say(`${gap.name} joined the palette.`, true);
      await load();
    });
  }
</script>

{#snippet list(title: string, found: Gap[], none: string)}
  <h3>{title}</h3>
  {#if found.length === 0}
    <p class="none">{none}</p>
  {:else}
    <ul aria-label={title}>
      {#each found as gap (gap.hex)}
        <li>
          <Ticket hex={gap.hex} ink={gap.ink} />
          <p><b>{gap.name}.</b> {gapReason(gap)}</p>
          <Button onclick={() => take(gap)}>
            Take<span class="visually-hidden">&nbsp;{gap.name}, {gap.hex.slice(1)}</span>
          </Button>
        </li>
      {/each}
    </ul>
  {/if}
{/snippet}

<Dialog title="Missing colours" wide {onclose}>
  <p>
    Proposals that go with what is there and are told apart from it by everybody, deficient colour vision
    included.
  </p>
  <Complaint text={doing.problem} />
  {#if gaps}
    {@render list(
      'Accents',
      gaps.accents,
      'None: either no colour sets a hue to go with, or none is left that everybody could tell apart.',
    )}
    {@render list('Neutrals', gaps.neutrals, 'None: the palette has dark, middle and light ones already.')}
  {:else if !doing.problem}
    <p role="status">Looking for what is missing…</p>
  {/if}
</Dialog>

<style>
  h3 {
    margin: 16px 0 6px;
    padding-bottom: 4px;
    border-bottom: var(--rule);
  }

  li {
    display: grid;
    grid-template-columns: 118px minmax(0, 1fr) max-content;
    gap: 14px;
    align-items: center;
    padding: 8px 0;
    border-bottom: var(--hairline);
  }

  .none {
    color: var(--ink-2);
  }
</style>
