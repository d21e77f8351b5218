<script lang="ts">
  import { Doing } from '../../bench/doing.svelte';
  import type { Attachment } from 'svelte/attachments';
  import type { Consequences } from '../../api/types';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import { consequenceLines } from './consequences';

  /** Everything that will follow, told before it happens; then it is one step. */
  interface Props {
    /** What is about to happen, as in 'Teal becomes 12B5B0'. */
    what: string;
    consequences: Consequences;
    /** Id of the swatch that it is about. */
    changed?: string;
    /** Whether the focus stays where it is. */
    still?: boolean;
    oncarry: () => Promise<void>;
    onleave: () => void;
  }

  const { what, consequences, changed, still = false, oncarry, onleave }: Props = $props();
  const doing = new Doing();

  const lines = $derived(consequenceLines(consequences, changed));

  /** So that a second Enter carries it through. */
  const ready: Attachment<HTMLElement> = (box) => {
    if (!still) {
      box.querySelector('button')?.focus();
    }
  };

  async function carry() {
    await doing.do(async () => {
      await oncarry();
    });
  }

  function onkeydown(event: KeyboardEvent) {
    if (event.key === 'Escape') {
      event.stopPropagation();
      onleave();
    }
  }
</script>

<!-- Escape leaves from wherever the focus is inside. -->
<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
<section aria-label="Carry through" {onkeydown} {@attach ready}>
  <p><b>{what}.</b> {lines.length > 0 ? 'What will follow:' : 'Nothing else follows.'}</p>
  {#if lines.length > 0}
    <ul>
      {#each lines as line (line)}<li>{line}</li>{/each}
    </ul>
  {/if}
  {#if !consequences.inside}
    <p>No screen can show what was asked for; it was brought to the nearest colour that it can.</p>
  {/if}
  <div>
    <Button look="main" onclick={carry}>Carry it through</Button>
    <Button look="quiet" onclick={onleave}>Leave it as it is</Button>
  </div>
  <Complaint text={doing.problem} />
</section>

<style>
  section {
    grid-column: 1 / -1;
    display: grid;
    gap: 8px;
    padding: 10px 14px;
    border: var(--rule);
    background: var(--paper);
  }

  ul {
    display: grid;
    gap: 2px;
    padding-left: 16px;
    list-style: square;
  }

  div {
    display: flex;
    gap: 12px;
  }
</style>
