<script lang="ts">
  import { untrack } from 'svelte';
  import type { GuideWords } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import Dialog from '../../ui/Dialog.svelte';

  interface Props {
    words: GuideWords;
    onclose: () => void;
  }

  const { words, onclose }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  const LINES: readonly { key: keyof GuideWords; name: string; example: string; long?: boolean }[] = [
    { key: 'line', name: 'Beneath the title', example: 'Logo, colours, letters and how they are used.' },
    { key: 'dated', name: 'Dated', example: thisMonth() },
    { key: 'voice', name: 'How we sound, in a few words', example: 'Plain, punctual, a little dry.' },
    {
      key: 'sounding',
      name: 'The same in some sentences',
      example: 'We give the time before the feeling.',
      long: true,
    },
    { key: 'mood', name: 'What the pictures have in common', example: 'Evening light, calm water.' },
    { key: 'files', name: 'Where to get the files', example: 'https://brand.example/files' },
    { key: 'contact', name: 'Whom to ask', example: 'brand@brand.example' },
  ];

  /** The present month, offered and not set by itself: a guide says when somebody made it. */
  function thisMonth(): string {
    return new Date().toLocaleDateString('en-GB', { month: 'long', year: 'numeric' });
  }

  // What is typed stays, whatever happens elsewhere.
  const typed = $state({ ...untrack(() => words) });

  async function save(event: SubmitEvent) {
    event.preventDefault();
    if (await doing.do(() => bench.guide.say({ ...typed }))) {
      onclose();
    }
  }
</script>

<Dialog title="Words of the guide" wide {onclose}>
  <form onsubmit={save}>
    {#each LINES as { key, name, example, long } (key)}
      <label>
        <span>{name}</span>
        {#if long}
          <textarea rows="4" maxlength="1000" placeholder={example} bind:value={typed[key]}></textarea>
        {:else}
          <input maxlength="200" placeholder={example} bind:value={typed[key]} />
        {/if}
      </label>
    {/each}
    <p class="hint">What is empty is left out of the guide.</p>
    <Complaint text={doing.problem} />
    <p class="end">
      {#if !typed.dated}<Button onclick={() => (typed.dated = thisMonth())}>Date it {thisMonth()}</Button
        >{/if}
      <Button look="main" type="submit">Keep these words</Button>
    </p>
  </form>
</Dialog>

<style>
  form {
    display: grid;
    gap: 10px;
  }

  label {
    display: grid;
    grid-template-columns: 220px minmax(0, 1fr);
    gap: 12px;
    align-items: start;
  }

  textarea {
    font: inherit;
  }

  label span {
    padding-top: 4px;
    font-weight: 600;
  }

  .hint {
    margin: 0;
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  .end {
    display: flex;
    gap: 12px;
    justify-content: flex-end;
    margin: 0;
  }
</style>
