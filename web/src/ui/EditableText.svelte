<script lang="ts">
  import { messageOf } from '../api/problem';
  import Complaint from './Complaint.svelte';

  interface Props {
    label: string;
    value: string;
    mono?: boolean;
    maxlength?: number;
    onsave: (value: string) => Promise<void>;
  }

  const { label, value, mono = false, maxlength = 80, onsave }: Props = $props();

  let typed = $state<string>();
  let problem = $state<string>();

  async function save() {
    const text = typed?.trim();
    if (text === undefined || text === value) {
      revert();
      return;
    }
    try {
      await onsave(text);
      revert();
    } catch (error) {
      // What was typed stays, so that it can be put right.
      problem = messageOf(error);
    }
  }

  function revert() {
    typed = undefined;
    problem = undefined;
  }

  function onkeydown(event: KeyboardEvent & { currentTarget: HTMLInputElement }) {
    if (event.key === 'Enter') {
      event.currentTarget.blur();
    } else if (event.key === 'Escape' && typed !== undefined) {
      event.stopPropagation();
      revert();
    }
  }
</script>

<div>
  <input
    aria-label={label}
    aria-invalid={problem ? 'true' : undefined}
    class:mono
    value={typed ?? value}
    {maxlength}
    spellcheck="false"
    autocomplete="off"
    oninput={(event) => (typed = event.currentTarget.value)}
    onblur={save}
    {onkeydown}
  />
  <Complaint text={problem} />
</div>

<style>
  input {
    width: 100%;
    min-height: 28px;
    padding: 2px 6px;
    border: 1px solid var(--ink-3);
    background: var(--paper);
    font-weight: 600;
    text-overflow: ellipsis;
  }

  .mono {
    font: 500 var(--size-small) var(--code);
  }

  [aria-invalid='true'] {
    border: 2px solid var(--ink);
    background-image: var(--hatch);
  }
</style>
