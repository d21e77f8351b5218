<script lang="ts">
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import Dialog from '../../ui/Dialog.svelte';
  import TextField from '../../ui/TextField.svelte';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';

  interface Props {
    onclose: () => void;
  }

  const { onclose }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  let code = $state('');
  let name = $state('');
  let form = $state<HTMLFormElement>();
  /** How many were added since this was opened. */
  let added = $state(0);
  const said = $derived(added === 0 ? '' : added === 1 ? '1 colour added.' : `${added} colours added.`);

  async function add(event: SubmitEvent) {
    event.preventDefault();
    const last = !(event.submitter instanceof HTMLButtonElement && event.submitter.value === 'more');
    await doing.once(async () => {
      await bench.palette.addSwatches([name.trim() ? { hex: code, name: name.trim() } : { hex: code }]);
      if (last) {
        onclose();
        return;
      }
      added++;
      code = '';
      name = '';
      form?.querySelector('input')?.focus();
    });
  }
</script>

<Dialog title="Add a colour" {onclose}>
  <form bind:this={form} onsubmit={add}>
    <TextField
      label="Code"
      bind:value={code}
      mono
      required
      maxlength={60}
      placeholder="0F7C7A or rgb(15 124 122)"
    />
    <TextField
      label="Name"
      bind:value={name}
      maxlength={80}
      placeholder="left empty, it is named after its look"
    />
    <Complaint text={doing.problem} />
    <div class="buttons">
      <Button type="submit" look="main">Add</Button>
      <Button type="submit" value="more">Add, and another</Button>
      <span role="status">{said}</span>
    </div>
  </form>
</Dialog>

<style>
  form {
    display: grid;
    gap: 12px;
  }

  .buttons {
    display: flex;
    gap: 10px;
    align-items: center;
    color: var(--ink-2);
    font-size: var(--size-small);
  }
</style>
