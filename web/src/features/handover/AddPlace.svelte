<script lang="ts">
  import type { PlaceKind, PlaceRequest } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import Button from '../../ui/Button.svelte';
  import TextField from '../../ui/TextField.svelte';

  interface Props {
    kinds: readonly { value: PlaceKind; name: string }[];
    onadd: (place: PlaceRequest) => Promise<void>;
    oncancel: () => void;
  }

  const { kinds, onadd, oncancel }: Props = $props();
  const bench = useBench();

  let name = $state('');
  let kind = $state<PlaceKind>('site');
  /** What has been typed in there, by id; everything until somebody says otherwise. */
  let left = $state<string[]>([]);

  let logo = $state(true);

  const hasLogo = $derived(bench.logos.has('primary'));
  const given = $derived(bench.brand.swatches.map(({ id }) => id).filter((id) => !left.includes(id)));

  function give(id: string, there: boolean) {
    left = there ? left.filter((other) => other !== id) : [...left, id];
  }

  function submit(event: SubmitEvent) {
    event.preventDefault();
    void onadd({ name: name.trim(), kind, swatches: given, logo: logo && hasLogo });
  }
</script>

<form onsubmit={submit}>
  <TextField label="Name of the place" bind:value={name} maxlength={80} required />
  <label>
    What it is
    <select bind:value={kind}>
      {#each kinds as { value, name: called } (value)}<option {value}>{called}</option>{/each}
    </select>
  </label>
  <fieldset>
    <legend>What was put in there</legend>
    {#each bench.brand.swatches as swatch (swatch.id)}
      <label class="swatch">
        <input
          type="checkbox"
          checked={!left.includes(swatch.id)}
          onchange={(event) => give(swatch.id, event.currentTarget.checked)}
        />
        <i style:background={swatch.hex}></i>
        {swatch.name}
      </label>
    {/each}
    {#if hasLogo}
      <label class="swatch"><input type="checkbox" bind:checked={logo} /> The logo</label>
    {/if}
  </fieldset>
  <div>
    <Button type="submit" look="main" disabled={!name.trim() || given.length === 0}>Add it</Button>
    <Button look="quiet" onclick={oncancel}>Cancel</Button>
  </div>
</form>

<style>
  form {
    display: grid;
    gap: 8px;
    margin-top: 8px;
  }

  label {
    display: grid;
    gap: 4px;
    font-weight: 600;
  }

  select {
    min-height: 32px;
    border: var(--rule);
    background: var(--paper);
  }

  fieldset {
    padding: 4px 0;
    border: 0;
  }

  legend {
    font-weight: 600;
  }

  .swatch {
    display: flex;
    align-items: center;
    gap: 8px;
    min-height: 24px;
    font-weight: 400;
    font-size: var(--size-small);
  }

  .swatch input {
    width: 16px;
    height: 16px;
    accent-color: var(--ink);
  }

  i {
    width: 14px;
    height: 14px;
    border: var(--hairline);
  }

  div {
    display: flex;
    gap: 8px;
  }
</style>
