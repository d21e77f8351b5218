<script lang="ts">
  import { messageOf } from '../../api/problem';
  import { useBench } from '../../app/bench.svelte';
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

  let name = $state('');
  let problem = $state<string>();

  async function make(event: SubmitEvent) {
    event.preventDefault();
    problem = undefined;
    try {
      await bench.sortSwatches(swatches, name.trim());
      onclose();
    } catch (error) {
      problem = messageOf(error);
    }
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
    <Complaint text={problem} />
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
