<script lang="ts">
  import type { SlotRequest } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import Dialog from '../../ui/Dialog.svelte';
  import Ticket from '../../ui/Ticket.svelte';
  import { slotName } from '../../words/slots';

  interface Props {
    slot: string;
    onclose: () => void;
  }

  const { slot, onclose }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  let code = $state('');

  async function fill(request: SlotRequest) {
    await doing.do(async () => {
      await bench.themes.fillSlot(slot, request);
      onclose();
    });
  }

  function enter(event: SubmitEvent) {
    event.preventDefault();
    void fill({ hex: code });
  }
</script>

<Dialog title="{slotName(slot)}: which colour?" {onclose}>
  <ul>
    {#each bench.brand.swatches as swatch (swatch.id)}
      <li>
        <button type="button" onclick={() => fill({ swatchId: swatch.id })}>
          <Ticket hex={swatch.hex} ink={swatch.ink} small crossed={swatch.offLimits} />
          <span>{swatch.name}</span>
        </button>
      </li>
    {/each}
  </ul>
  <form onsubmit={enter}>
    <label for="slot-code">A colour of its own</label>
    <input id="slot-code" bind:value={code} required maxlength="60" placeholder="0F7C7A or rgb(15 124 122)" />
    <Button type="submit">Put</Button>
  </form>
  <Complaint text={doing.problem} />
  <Button look="quiet" onclick={() => fill({})}>Leave it empty</Button>
</Dialog>

<style>
  ul {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 4px 12px;
  }

  ul button {
    display: flex;
    gap: 10px;
    align-items: center;
    width: 100%;
    min-height: 36px;
    padding: 4px;
    font-weight: 600;
  }

  ul button:hover {
    background: var(--paper);
  }

  form {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
    margin: 16px 0 8px;
    padding-top: 12px;
    border-top: var(--hairline);
  }

  label {
    flex-basis: 100%;
    font-weight: 600;
  }

  input {
    flex: 1;
    min-height: 32px;
    padding: 4px 8px;
    border: var(--rule);
    background: var(--paper);
    font-family: var(--code);
  }

  input::placeholder {
    color: var(--ink-3);
  }
</style>
