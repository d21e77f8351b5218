<script lang="ts">
  import type { Role } from '../api/types';
  import { roleName } from '../words/roles';
  import { slotName } from '../words/slots';
  import Complaint from '../ui/Complaint.svelte';
  import Dialog from '../ui/Dialog.svelte';
  import Ticket from '../ui/Ticket.svelte';
  import { useBench } from '../bench/bench.svelte';
  import { Doing } from '../bench/doing.svelte';

  interface Props {
    swatchId: string;
    onclose: () => void;
  }

  const { swatchId, onclose }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  const swatch = $derived(bench.brand.swatches.find((candidate) => candidate.id === swatchId));

  async function attempt(action: () => Promise<void>, becomes: string) {
    // The dialog may be gone when it is done.
    const name = swatch?.name ?? '';
    await doing.do(async () => {
      await action();
      bench.say(`${name} is now ${becomes}.`, true);
      onclose();
    });
  }

  const put = (slot: string) => attempt(() => bench.themes.fillSlot(slot, { swatchId }), slotName(slot));
  const give = (role: Role) => attempt(() => bench.roles.giveRole(role, swatchId), roleName(role));
</script>

<Dialog title="Put {swatch?.name ?? 'it'} on…" {onclose}>
  <h3>A role</h3>
  <ul class="roles">
    {#each bench.brand.roles.roles as { role, swatches } (role)}
      <li>
        <button type="button" disabled={swatches.includes(swatchId)} onclick={() => give(role)}>
          <span>{roleName(role)}</span>
          {#if swatches.includes(swatchId)}<span class="empty">has it</span>{/if}
        </button>
      </li>
    {/each}
  </ul>
  <h3>A slot of the theme</h3>
  <ul>
    {#each bench.theme.slots as slot (slot.slot)}
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
  <Complaint text={doing.problem} />
</Dialog>

<style>
  ul {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 4px 12px;
  }

  h3 {
    margin: 8px 0 4px;
    padding-bottom: 2px;
    border-bottom: var(--hairline);
  }

  .roles {
    grid-template-columns: repeat(3, 1fr);
  }

  .roles button {
    min-height: 28px;
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
