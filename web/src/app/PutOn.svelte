<script lang="ts">
  import { messageOf } from '../api/problem';
  import { slotName } from '../features/theme/slots';
  import Complaint from '../ui/Complaint.svelte';
  import Dialog from '../ui/Dialog.svelte';
  import Ticket from '../ui/Ticket.svelte';
  import { useBench } from './bench.svelte';

  interface Props {
    swatchId: string;
    onclose: () => void;
  }

  const { swatchId, onclose }: Props = $props();
  const bench = useBench();

  const swatch = $derived(bench.brand.swatches.find((candidate) => candidate.id === swatchId));

  let problem = $state<string>();

  async function put(slot: string) {
    try {
      await bench.fillSlot(slot, { swatchId });
      bench.say(`${swatch?.name} is now ${slotName(slot)}.`, true);
      onclose();
    } catch (error) {
      problem = messageOf(error);
    }
  }
</script>

<Dialog title="Put {swatch?.name ?? 'it'} on…" {onclose}>
  <ul>
    {#each bench.brand.theme.slots as slot (slot.slot)}
      <li>
        <button type="button" onclick={() => put(slot.slot)}>
          <span>{slotName(slot.slot)}</span>
          {#if slot.hex && slot.ink}
            <Ticket hex={slot.hex} ink={slot.ink} small />
          {:else}
            <span class="empty">empty</span>
          {/if}
        </button>
      </li>
    {/each}
  </ul>
  <Complaint text={problem} />
</Dialog>

<style>
  ul {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 4px 12px;
  }

  button {
    display: flex;
    justify-content: space-between;
    align-items: center;
    width: 100%;
    min-height: 36px;
    padding: 4px 6px;
    font-weight: 600;
  }

  button:hover {
    background: var(--paper);
  }

  .empty {
    color: var(--ink-2);
    font-weight: 400;
  }
</style>
