<script lang="ts">
  import { untrack } from 'svelte';
  import type { LogoForm } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import { Marked } from '../../bench/marked.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import MarkPart from '../../ui/MarkPart.svelte';
  import { groupsOf } from './logos';

  /** The submark: what of the primary logo is marked. */
  interface Props {
    primary: LogoForm;
    onmade: () => void;
  }

  const { primary, onmade }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  /** The page of the logo in units that can be typed. */
  const WIDE = 1000;
  const size = untrack(() => ({ width: WIDE, height: Math.max(1, Math.round(WIDE / primary.ratio)) }));
  const marked = new Marked(size);

  // What is proposed is the tallest group: symbols are taller than lines of letters.
  const symbol = untrack(() => groupsOf(primary.pieces)).sort((a, b) => b.box.height - a.box.height)[0];
  if (symbol) {
    const { x, y, width, height } = symbol.box;
    marked.set({
      x: Math.floor(x * size.width),
      y: Math.floor(y * size.height),
      width: Math.ceil(width * size.width) + 1,
      height: Math.ceil(height * size.height) + 1,
    });
  }

  async function cut() {
    const { x, y, width, height } = marked.part;
    const cutOut = {
      x: x / size.width,
      y: y / size.height,
      width: width / size.width,
      height: height / size.height,
    };
    if (await doing.do(() => bench.logos.set('submark', { of: 'primary', cutOut }))) {
      bench.say('The submark is cut out of the primary logo.', true);
      onmade();
    }
  }
</script>

<MarkPart
  {size}
  name="Primary logo"
  picture={bench.logos.picture('primary', 'light', WIDE)}
  {marked}
  what="the symbol"
/>
<p class="small">Pieces that lie in it by half come along whole. The logo is {size.width} wide here.</p>
<Button look="main" onclick={cut}>Cut it out</Button>
<Complaint text={doing.problem} />

<style>
  .small {
    margin: 6px 0;
    font-size: var(--size-small);
  }
</style>
