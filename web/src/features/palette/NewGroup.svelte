<script lang="ts">
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import Dialog from '../../ui/Dialog.svelte';
  import TextField from '../../ui/TextField.svelte';

  interface Props {
    /** Ids of the swatches that join it. */
    swatches: string[];
    onclose: () => void;
  }

  const { swatches, onclose }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  let name = $state('');

  async function make(event: SubmitEvent) {
    event.preventDefault();
    await doing.once(async () => {
      await bench.palette.sortSwatches(swatches, name.trim());
      onclose();
    });
  }
</script>

<Dialog title="New group" {onclose}>
  <form onsubmit={make}>
    <TextField
      label="Its name, as in 'Video' or 'Autumn campaign'"
      bind:value={name}
      required
      maxlength={40}
    />
    <Complaint text={doing.problem} />
    <Button type="submit" look="main" disabled={name.trim() === ''}>Make the group</Button>
  </form>
</Dialog>

<style>
  form {
    display: grid;
    gap: 10px;
    justify-items: start;
  }
</style>
