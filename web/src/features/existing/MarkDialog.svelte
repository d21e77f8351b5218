<script lang="ts">
  import { untrack } from 'svelte';
  import { filePageOf } from '../../api/addresses';
  import type { GraphicAreas } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import { Marked } from '../../bench/marked.svelte';
  import type { Recolouring } from '../../bench/recolouring.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import Dialog from '../../ui/Dialog.svelte';
  import MarkPart from '../../ui/MarkPart.svelte';

  /** Which parts of the graphic take part; the rest stays as it is. */
  interface Props {
    recolouring: Recolouring;
    graphic: GraphicAreas;
    onclose: () => void;
  }

  const { recolouring, graphic, onclose }: Props = $props();
  const bench = useBench();
  const doing = new Doing();
  /** Units that can be typed. */
  const WIDE = 1000;
  const size = untrack(() => ({
    width: WIDE,
    height: Math.max(1, Math.round((WIDE * graphic.height) / graphic.width)),
  }));
  const marked = new Marked(size);

  async function mark(also: boolean) {
    const { x, y, width, height } = marked.part;
    const frame = {
      x: x / size.width,
      y: y / size.height,
      width: width / size.width,
      height: height / size.height,
    };
    if (await doing.do(() => recolouring.mark(also ? [...recolouring.marked, frame] : [frame]))) {
      onclose();
    }
  }

  async function everything() {
    if (await doing.do(() => recolouring.mark([]))) {
      onclose();
    }
  }
</script>

<Dialog title="What takes part" {onclose}>
  <MarkPart
    {size}
    name={recolouring.file.name}
    picture={filePageOf(bench.id, recolouring.file.id, 1)}
    {marked}
    what="what takes part"
  />
  <p>The rest stays as it is. What lies in the marked part by more than half takes part.</p>
  <div>
    <Button look="main" onclick={() => mark(false)}>Only this takes part</Button>
    {#if recolouring.marked.length > 0}
      <Button onclick={() => mark(true)}>This as well</Button>
      <Button onclick={everything}>All of it</Button>
    {/if}
  </div>
  <Complaint text={doing.problem} />
</Dialog>

<style>
  p {
    margin: 8px 0;
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  div {
    display: flex;
    gap: 8px;
  }
</style>
