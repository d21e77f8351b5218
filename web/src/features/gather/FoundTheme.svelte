<script lang="ts">
  import type { Inventory } from '../../api/types';
  import Button from '../../ui/Button.svelte';
  import Ticket from '../../ui/Ticket.svelte';
  import { slotName } from '../../words/slots';

  interface Props {
    theme: NonNullable<Inventory['theme']>;
    ontake: () => void;
  }

  const { theme, ontake }: Props = $props();
</script>

<section aria-label="Its theme">
  <div class="head">
    <h3>Its theme{theme.name ? `: ${theme.name}` : ''}</h3>
    <Button look="main" onclick={ontake}>Take its theme</Button>
  </div>
  <ol>
    {#each theme.slots as slot (slot.slot)}
      <li>
        <Ticket hex={slot.hex} ink={slot.ink} wide />
        <span>{slotName(slot.slot)}</span>
      </li>
    {/each}
  </ol>
  {#if theme.headingFont && theme.bodyFont}
    <p>Headings in {theme.headingFont}, text in {theme.bodyFont}.</p>
  {/if}
</section>

<style>
  .head {
    display: flex;
    justify-content: space-between;
    align-items: center;
  }

  h3 {
    font-size: var(--size-text);
    line-height: 20px;
  }

  ol {
    display: grid;
    grid-template-columns: repeat(6, minmax(0, 1fr));
    gap: 6px;
    margin: 6px 0;
  }

  span {
    font-size: var(--size-small);
    line-height: 16px;
  }

  p {
    color: var(--ink-2);
    font-size: var(--size-small);
  }
</style>
