<script lang="ts">
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import type { Part } from '../../bench/marked.svelte';
  import type { CropState } from './crop.svelte';

  interface Props {
    crop: CropState;
  }

  const { crop }: Props = $props();
  const doing = new Doing();

  const SIDES = [
    { key: 'x', name: 'left' },
    { key: 'y', name: 'top' },
    { key: 'width', name: 'width' },
    { key: 'height', name: 'height' },
  ] as const satisfies readonly { key: keyof Part; name: string }[];

  async function keep() {
    await doing.once(async () => {
      await crop.keep();
    });
  }
</script>

{#if crop.part}
  {@const part = crop.part}
  <span>Drag, or set</span>
  {#each SIDES as side (side.key)}
    <label>
      {side.name}
      <input
        type="number"
        min="0"
        value={part[side.key]}
        onchange={(event) => crop.set({ ...part, [side.key]: event.currentTarget.valueAsNumber || 0 })}
      />
      px
    </label>
  {/each}
  <Button look="main" onclick={keep}>Keep the part</Button>
  <Button onclick={() => crop.set({ x: 0, y: 0, ...crop.source })}>The whole picture</Button>
  <Button onclick={() => crop.end()}>Cancel</Button>
  <Complaint text={doing.problem} />
{/if}

<style>
  label {
    display: flex;
    gap: 4px;
    align-items: center;
  }

  input {
    width: 50px;
    min-height: 28px;
    padding: 2px 4px;
    border: var(--rule);
    background: var(--paper);
    font: 400 var(--size-small) / 16px var(--code);
  }
</style>
