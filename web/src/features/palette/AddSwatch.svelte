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

  async function add(event: SubmitEvent) {
    event.preventDefault();
    await doing.once(async () => {
      await bench.palette.addSwatches([name.trim() ? { hex: code, name: name.trim() } : { hex: code }]);
      onclose();
    });
  }
</script>

<Dialog title="Add a colour" {onclose}>
  <form onsubmit={add}>
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
    <div><Button type="submit" look="main">Add</Button></div>
  </form>
</Dialog>

<style>
  form {
    display: grid;
    gap: 12px;
  }
</style>
