<script lang="ts">
  import { messageOf } from '../api/problem';
  import Complaint from './Complaint.svelte';

  interface Props {
    label: string;
    value: string;
    mono?: boolean;
    maxlength?: number;
    /** What stands there as long as nothing does. */
    placeholder?: string;
    onsave: (value: string) => Promise<void>;
  }

  const { label, value, mono = false, maxlength = 80, placeholder, onsave }: Props = $props();

  let typed = $state<string>();
  /** What stood here when typing began. */
  let known = $state<string>();
  let problem = $state<string>();
  let saving = false;

  async function save() {
    if (saving) {
      return;
    }
    const text = typed?.trim();
    if (text === undefined || text === value) {
      revert();
      return;
    }
    if (known !== undefined && known !== value) {
      problem = `Meanwhile this became '${value}' in another window. Press Enter again to write yours over it.`;
      known = value;
      return;
    }
    saving = true;
    try {
      await onsave(text);
      revert();
    } catch (error) {
      // What was typed stays, so that it can be put right.
      problem = messageOf(error);
    } finally {
      saving = false;
    }
  }

  function revert() {
    typed = undefined;
    known = undefined;
    problem = undefined;
  }

  /** What was refused is not tried again behind one's back. */
  function leave() {
    if (problem === undefined) {
      void save();
    }
  }

  function oninput(event: Event & { currentTarget: HTMLInputElement }) {
    known ??= value;
    typed = event.currentTarget.value;
  }

  function onkeydown(event: KeyboardEvent & { currentTarget: HTMLInputElement }) {
    if (event.key === 'Enter') {
      void save();
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
    {placeholder}
    spellcheck="false"
    autocomplete="off"
    {oninput}
    onblur={leave}
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

  ::placeholder {
    color: var(--ink-3);
    font-weight: 400;
  }

  .mono {
    font: 500 var(--size-small) var(--code);
  }

  [aria-invalid='true'] {
    border: 2px solid var(--ink);
    background-image: var(--hatch);
  }
</style>
