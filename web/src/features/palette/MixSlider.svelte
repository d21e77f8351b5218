<script lang="ts">
  import Minus from '@lucide/svelte/icons/minus';
  import Plus from '@lucide/svelte/icons/plus';

  interface Props {
    label: string;
    /** What it becomes to the left and to the right. */
    less: string;
    more: string;
    unit: string;
    most: number;
    disabled?: boolean;
    onpreview: (value: number) => void;
    oncommit: (value: number) => void;
    oncancel: () => void;
  }

  const { label, less, more, unit, most, disabled = false, onpreview, oncommit, oncancel }: Props = $props();

  /** Long enough to think between two keys, short enough not to wait for it; milliseconds. */
  const QUIET = 500;

  /** What the gesture has come to. */
  let value = $state(0);
  let going = false;
  let timer: ReturnType<typeof setTimeout> | undefined;

  const words = $derived(value === 0 ? 'as it is' : `${Math.abs(value)}${unit} ${value > 0 ? more : less}`);

  function set(next: number) {
    value = Math.max(-most, Math.min(most, next));
    going = true;
    onpreview(value);
    clearTimeout(timer);
    timer = setTimeout(commit, QUIET);
  }

  /** However many moves it took, the gesture is one step. */
  function commit() {
    clearTimeout(timer);
    if (!going) {
      return;
    }
    const whole = value;
    going = false;
    value = 0;
    if (whole === 0) {
      oncancel();
    } else {
      oncommit(whole);
    }
  }

  function onkeydown(event: KeyboardEvent) {
    if (event.key === 'Escape' && going) {
      event.stopPropagation();
      clearTimeout(timer);
      going = false;
      value = 0;
      oncancel();
    }
  }
</script>

<div class="slider">
  <span class="less">{less}</span>
  <button type="button" aria-label="{label}: one step {less}" {disabled} onclick={() => set(value - 1)}>
    <Minus size={14} aria-hidden="true" />
  </button>
  <input
    type="range"
    min={-most}
    max={most}
    step="1"
    {value}
    {disabled}
    aria-label={label}
    aria-valuetext={words}
    oninput={(event) => set(event.currentTarget.valueAsNumber)}
    {onkeydown}
    onpointerup={commit}
    onkeyup={(event) => (event.key === 'Tab' ? undefined : commit())}
    onblur={commit}
  />
  <button type="button" aria-label="{label}: one step {more}" {disabled} onclick={() => set(value + 1)}>
    <Plus size={14} aria-hidden="true" />
  </button>
  <span>{more}</span>
</div>

<style>
  .slider {
    display: grid;
    grid-template-columns: 92px 28px minmax(70px, 1fr) 28px 92px;
    gap: 4px;
    align-items: center;
    font-size: var(--size-small);
  }

  .less {
    text-align: end;
  }

  button {
    display: grid;
    place-items: center;
    width: 28px;
    height: 28px;
    border: var(--rule);
  }

  button:disabled {
    border-color: var(--hair);
    color: var(--hair);
  }

  input {
    width: 100%;
  }
</style>
