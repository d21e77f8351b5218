<script lang="ts">
  import ChevronLeft from '@lucide/svelte/icons/chevron-left';
  import ChevronRight from '@lucide/svelte/icons/chevron-right';
  import { untrack } from 'svelte';
  import type { Specimen } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import FullDialog from '../../ui/FullDialog.svelte';
  import IconButton from '../../ui/IconButton.svelte';
  import { Flip } from './flip.svelte';
  import OwnPage from './OwnPage.svelte';
  import Sheets from './Sheets.svelte';

  /** The specimens over the whole window, for showing them to a client: now, and before beside it. */
  interface Props {
    now: Specimen;
    before: Specimen | undefined;
    /** What 'before' is, as in 'theme Night'. */
    beforeWords: string;
    name: string;
    /** Whether 'before' is looked at from the first. */
    beside: boolean;
    /** Asked when somebody wants to see what was before. */
    onbeside: () => Promise<void>;
    onclose: () => void;
  }

  const { now, before, beforeWords, name, beside, onbeside, onclose }: Props = $props();
  const bench = useBench();
  const doing = new Doing();
  const flip = new Flip(bench.id);
  void doing.do(() => flip.load());

  let both = $state(untrack(() => beside));

  const shownName = $derived(flip.shown?.name ?? name);

  async function compare() {
    await doing.do(async () => {
      if (!both) {
        await onbeside();
      }
      both = !both;
    });
  }

  const turn = (step: number) => doing.do(() => flip.turn(step));
</script>

<FullDialog label="In use, in the whole window" {onclose}>
  <header>
    <h2>{shownName}</h2>
    {#if flip.possible}
      <span class="flip">
        <IconButton label="Brand before on the shelf" onclick={() => turn(-1)}
          ><ChevronLeft size={18} aria-hidden="true" /></IconButton
        >
        flip through the shelf
        <IconButton label="Next brand on the shelf" onclick={() => turn(1)}
          ><ChevronRight size={18} aria-hidden="true" /></IconButton
        >
      </span>
    {/if}
    <span class="gap"></span>
    {#if !flip.shown}
      <Button look={both ? 'main' : 'plain'} aria-pressed={both} onclick={compare}>Before, beside it</Button>
    {/if}
    <Button onclick={onclose}>Back to the bench</Button>
  </header>
  <Complaint text={doing.problem} />
  {#if both && before && !flip.shown}
    <div class="halves">
      <section aria-label="Now">
        <h3>now</h3>
        <OwnPage moment="now" />
        <Sheets specimen={now} {name} moment="now" room="half" />
      </section>
      <section aria-label="Before">
        <h3>{beforeWords}</h3>
        <OwnPage moment="before" choosing={false} />
        <Sheets specimen={before} {name} moment="before" room="half" />
      </section>
    </div>
  {:else}
    <div class="own"><OwnPage moment="now" dress={flip.dress} /></div>
    <Sheets specimen={flip.specimen ?? now} name={shownName} moment="now" room="window" />
  {/if}
</FullDialog>

<style>
  .own {
    max-width: 720px;
  }

  header {
    display: flex;
    gap: 14px;
    align-items: center;
    margin-bottom: 16px;
  }

  .flip {
    display: flex;
    gap: 4px;
    align-items: center;
    font-size: var(--size-small);
  }

  .gap {
    flex: 1;
  }

  h2 {
    font-size: var(--size-title);
  }

  .halves {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 32px;
  }

  .halves section {
    display: grid;
    gap: 10px;
    align-content: start;
    min-width: 0;
  }

  .halves section + section {
    padding-inline-start: 32px;
    border-inline-start: var(--rule);
  }

  h3 {
    font-size: var(--size-text);
  }
</style>
