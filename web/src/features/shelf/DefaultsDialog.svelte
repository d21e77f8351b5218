<script lang="ts">
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import Dialog from '../../ui/Dialog.svelte';
  import TextField from '../../ui/TextField.svelte';
  import type { ShelfState } from './shelf.svelte';

  interface Props {
    shelf: ShelfState;
    onclose: () => void;
  }

  const { shelf, onclose }: Props = $props();
  const doing = new Doing();

  let headingFont = $state('');
  let bodyFont = $state('');
  let groups = $state('');
  let families = $state.raw<string[]>([]);
  let loaded = $state(false);

  void doing.do(async () => {
    const defaults = await shelf.defaults();
    headingFont = defaults.headingFont;
    bodyFont = defaults.bodyFont;
    groups = defaults.groups.map(({ name }) => name).join(', ');
    loaded = true;
    families = await shelf.families();
  });

  function save(event: SubmitEvent) {
    event.preventDefault();
    void doing.do(async () => {
      const names = groups
        .split(',')
        .map((name) => name.trim())
        .filter((name) => name !== '');
      await shelf.setDefaults({
        headingFont: headingFont.trim(),
        bodyFont: bodyFont.trim(),
        groups: names.map((name) => ({ name })),
      });
      onclose();
    });
  }
</script>

<Dialog title="Defaults for new brands" {onclose}>
  <form onsubmit={save}>
    <p>Every new brand begins with these; brands that exist stay as they are.</p>
    <TextField
      label="Heading font"
      bind:value={headingFont}
      required
      disabled={!loaded}
      maxlength={80}
      list="families-at-hand"
    />
    <TextField
      label="Body font"
      bind:value={bodyFont}
      required
      disabled={!loaded}
      maxlength={80}
      list="families-at-hand"
    />
    <datalist id="families-at-hand">
      {#each families as family (family)}<option value={family}></option>{/each}
    </datalist>
    <TextField
      label="Own groups of the palette, divided by commas"
      bind:value={groups}
      disabled={!loaded}
      maxlength={400}
      placeholder="Video, Campaign"
    />
    <p class="hint">Core, Extended and Charts are there anyway.</p>
    <Complaint text={doing.problem} />
    <div><Button type="submit" look="main" disabled={!loaded}>Keep them</Button></div>
  </form>
</Dialog>

<style>
  form {
    display: grid;
    gap: 12px;
  }

  .hint {
    color: var(--ink-3);
  }
</style>
