<script lang="ts">
  import type { GraphicArea } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import type { Recolouring } from '../../bench/recolouring.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import Ticket from '../../ui/Ticket.svelte';

  /** What can be done with the ticket that was picked: each drag has its way by clicks here. */
  interface Props {
    recolouring: Recolouring;
    area: GraphicArea;
    onclose: () => void;
  }

  const { recolouring, area, onclose }: Props = $props();
  const bench = useBench();
  const doing = new Doing();
  const offered = $derived(bench.brand.swatches.filter(({ offLimits }) => !offLimits));

  async function done(action: () => Promise<void> | void) {
    if (await doing.do(action)) {
      onclose();
    }
  }
</script>

<section aria-label="The ticket that was picked">
  <p><b>{recolouring.colorOf(area).slice(1)}</b> Click another ticket to trade, or set</p>
  {#each offered as swatch (swatch.id)}
    <button
      type="button"
      aria-label="Set {swatch.name}, {swatch.hex.slice(1)}"
      title={swatch.name}
      onclick={() => done(() => recolouring.set(area, swatch))}
    >
      <Ticket hex={swatch.hex} ink={swatch.ink} small />
    </button>
  {/each}
  <Button look="quiet" onclick={() => done(() => recolouring.keep(area))}>
    {recolouring.kept.has(area.hex) ? 'Let it go' : 'Keep it'}
  </Button>
  <Button look="quiet" onclick={() => done(() => recolouring.leave(area))}>
    {recolouring.still.has(area.hex) ? 'Take part again' : 'Take no part'}
  </Button>
  <Button look="quiet" onclick={onclose}>Put it down</Button>
  <Complaint text={doing.problem} />
</section>

<style>
  section {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 6px 8px;
    margin-top: 8px;
    padding: 6px 10px;
    border: var(--rule);
    background: var(--paper);
  }

  p {
    margin-right: 4px;
  }

  b {
    font-family: var(--code);
    font-weight: 500;
  }
</style>
