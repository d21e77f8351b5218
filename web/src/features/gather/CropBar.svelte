<script lang="ts">
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import PartFields from '../../ui/PartFields.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import type { CropState } from './crop.svelte';

  interface Props {
    crop: CropState;
  }

  const { crop }: Props = $props();
  const doing = new Doing();

  async function keep() {
    await doing.once(async () => {
      await crop.keep();
    });
  }
</script>

{#if crop.part}
  <span>Drag, or set</span>
  <PartFields part={crop.part} onset={(part) => crop.set(part)} />
  <Button look="main" onclick={keep}>Keep the part</Button>
  <Button onclick={() => crop.set({ x: 0, y: 0, ...crop.source })}>The whole picture</Button>
  <Button onclick={() => crop.end()}>Cancel</Button>
  <Complaint text={doing.problem} />
{/if}
