<script lang="ts">
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import Dialog from '../../ui/Dialog.svelte';
  import TextField from '../../ui/TextField.svelte';

  interface Props {
    onclose: () => void;
  }

  const { onclose }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  type Way = 'turned' | 'copy' | 'empty';

  const other = $derived(bench.theme.ground === 'light' ? 'dark' : 'light');

  let name = $state('');
  let way = $state<Way>('turned');

  async function add(event: SubmitEvent) {
    event.preventDefault();
    const original = bench.theme.name;
    await doing.once(async () => {
      await bench.themes.addTheme(name, way === 'empty' ? undefined : bench.theme.id, way === 'turned');
      bench.say(
        way === 'empty' ? `${name} is begun; its slots are empty.` : `${name} is made from ${original}.`,
        true,
      );
      onclose();
    });
  }
</script>

<Dialog title="One more theme" {onclose}>
  <form onsubmit={add}>
    <TextField label="Its name" bind:value={name} required maxlength={80} placeholder="Night" />
    <fieldset>
      <legend>Made how</legend>
      <label>
        <input type="radio" name="way" value="turned" bind:group={way} />
        <span
          >{bench.theme.name} for {other} pages: its colours stay, and what could not be seen or read there is moved
          in lightness</span
        >
      </label>
      <label>
        <input type="radio" name="way" value="copy" bind:group={way} />
        <span>a copy of {bench.theme.name}</span>
      </label>
      <label>
        <input type="radio" name="way" value="empty" bind:group={way} />
        <span>empty, to be filled by hand or by a suggestion</span>
      </label>
    </fieldset>
    <Complaint text={doing.problem} />
    <Button look="main" type="submit">Add it</Button>
  </form>
</Dialog>

<style>
  form {
    display: grid;
    gap: 14px;
    justify-items: start;
    margin-top: 12px;
  }

  fieldset {
    display: grid;
    gap: 8px;
    border: 0;
    padding: 0;
  }

  legend {
    margin-bottom: 6px;
    font-weight: 600;
  }

  label {
    display: flex;
    gap: 8px;
    align-items: baseline;
  }
</style>
