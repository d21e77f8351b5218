<script lang="ts">
  import { filePageOf } from '../../api/addresses';
  import type { ExistingFile } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';

  /** A photograph cannot follow; it can be made of two colours. */
  interface Props {
    file: ExistingFile;
  }

  const { file }: Props = $props();
  const bench = useBench();
  const doing = new Doing();
  const usable = $derived(bench.brand.swatches.filter(({ offLimits }) => !offLimits));
  let dark = $state<string>();
  let light = $state<string>();
  const first = $derived(dark ?? usable[0]?.hex ?? '#000000');
  const second = $derived(light ?? usable.at(-1)?.hex ?? '#FFFFFF');

  function make() {
    void doing.once(async () => {
      await bench.existing.duotone(file.id, first, second);
      bench.say(`${file.name} is made of two colours. What came is kept.`, () => bench.existing.undo());
    });
  }
</script>

<div class="photograph">
  <img src={filePageOf(bench.id, file.id, 1)} alt={file.name} />
  <div>
    <h2>A photograph cannot follow</h2>
    <p>Its colours run into each other: none of them can become another. It can be made of two swatches.</p>
    <label>
      Its dark becomes
      <select value={first} onchange={(event) => (dark = event.currentTarget.value)}>
        {#each usable as { id, name, hex } (id)}<option value={hex}>{name}</option>{/each}
      </select>
    </label>
    <label>
      its light becomes
      <select value={second} onchange={(event) => (light = event.currentTarget.value)}>
        {#each usable as { id, name, hex } (id)}<option value={hex}>{name}</option>{/each}
      </select>
    </label>
    <Button look="main" disabled={first === second || doing.adding} onclick={make}>Make a duotone</Button>
    <Complaint text={doing.problem} />
  </div>
</div>

<style>
  .photograph {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 320px;
    gap: 24px;
  }

  img {
    max-width: 100%;
    max-height: 480px;
  }

  .photograph > div {
    display: grid;
    gap: 12px;
    align-content: start;
    justify-items: start;
  }

  h2 {
    font-size: var(--size-title);
  }

  label {
    display: grid;
    gap: 4px;
  }

  select {
    min-width: 220px;
    min-height: 32px;
    padding: 2px 6px;
    border: var(--rule);
    background: var(--board);
  }
</style>
