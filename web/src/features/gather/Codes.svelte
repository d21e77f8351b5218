<script lang="ts">
  import { Doing } from '../../bench/doing.svelte';
  import { untrack } from 'svelte';
  import { useBench } from '../../bench/bench.svelte';
  import type { SourceText } from '../../bench/intake.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import Dialog from '../../ui/Dialog.svelte';
  import Ticket from '../../ui/Ticket.svelte';
  import { TextCodes } from './codes.svelte';

  interface Props {
    /** What was pasted or dropped already. */
    text: SourceText;
    onclose: () => void;
  }

  /** So much the server reads at once; characters. */
  const LONGEST = 200_000;

  const EXAMPLE = 'Harbour teal  #0F7C7A\nBuoy orange: RGB 242 104 42\nC 80 M 44 Y 0 K 38';

  const { text, onclose }: Props = $props();
  const bench = useBench();
  const doing = new Doing();
  const codes = new TextCodes();

  let typed = $state(untrack(() => text.content.slice(0, LONGEST)));

  $effect(() => codes.read(typed));

  const counted = $derived(codes.chosen.length === 1 ? '1 colour' : `${codes.chosen.length} colours`);

  async function take() {
    await doing.once(async () => {
      // Closing takes the text away, and with it what it says.
      const words = counted;
      const from = text.from;
      const first = bench.brand.swatches.length === 0;
      await bench.palette.addSwatches(
        codes.chosen.map(({ hex, name }) => ({
          hex,
          ...(name ? { name } : {}),
          origin: { source: from },
        })),
        from,
      );
      onclose();
      if (first) {
        bench.sayDrafted(from);
      } else {
        bench.say(`${words} taken from ${from}. Name and order them in Palette.`, true);
      }
    });
  }
</script>

<Dialog title="Colours from a text" wide {onclose}>
  <div class="sides">
    <label>
      Paste anything: a mail, a list, a stylesheet
      <textarea bind:value={typed} rows="14" maxlength={LONGEST} spellcheck="false" placeholder={EXAMPLE}
      ></textarea>
    </label>
    <div class="found">
      <h3>
        {codes.colors.length === 1 ? '1 colour found' : `${codes.colors.length} colours found`}
      </h3>
      <Complaint text={codes.problem} />
      <!-- A list that scrolls must be reached by keyboard. -->
      <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
      <ul aria-label="Colours found" tabindex="0">
        {#each codes.colors as color (color.hex)}
          <li>
            <label>
              <input
                type="checkbox"
                checked={!codes.left.has(color.hex)}
                onchange={() => codes.toggle(color)}
              />
              <Ticket hex={color.hex} ink={color.ink} small />
              <span class="words">
                <b>{color.name ?? 'no name beside it'}</b>
                <span class="written">{color.written.join(' · ')}</span>
                {#if color.ambiguous}<span class="perhaps">perhaps a number or a word, not a colour</span
                  >{/if}
              </span>
            </label>
          </li>
        {/each}
      </ul>
    </div>
  </div>
  <Complaint text={doing.problem} />
  <div class="take">
    <span>CMYK is read as offset on coated paper prints it.</span>
    <Button look="main" disabled={codes.chosen.length === 0} onclick={take}>Take {counted}</Button>
  </div>
</Dialog>

<style>
  .sides {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: 20px;
  }

  .sides > label {
    display: grid;
    gap: 4px;
    align-content: start;
    font-weight: 600;
  }

  textarea {
    padding: 8px;
    border: var(--rule);
    border-radius: 0;
    background: var(--paper);
    color: var(--ink);
    font: 400 var(--size-text) / 20px var(--code);
    resize: vertical;
  }

  textarea::placeholder {
    color: var(--ink-3);
  }

  h3 {
    font-size: var(--size-text);
    line-height: 20px;
  }

  ul {
    max-height: 300px;
    margin-top: 4px;
    overflow: auto;
  }

  li label {
    display: flex;
    gap: 10px;
    align-items: center;
    min-height: 44px;
    padding: 4px;
    border-bottom: 1px solid var(--hair);
    cursor: pointer;
  }

  .words {
    display: grid;
    min-width: 0;
    line-height: 18px;
  }

  .written {
    overflow: hidden;
    color: var(--ink-2);
    font: 400 var(--size-small) / 16px var(--code);
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  .perhaps {
    color: var(--ink-2);
    font-size: var(--size-small);
    line-height: 16px;
  }

  .take {
    display: flex;
    gap: 12px;
    justify-content: space-between;
    align-items: center;
    margin-top: 16px;
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  @media (max-width: 899px) {
    .sides {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
