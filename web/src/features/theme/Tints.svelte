<script lang="ts">
  import { messageOf } from '../../api/problem';
  import type { Slot } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { slotName } from '../../words/slots';
  import { stepWords } from './tints';

  interface Props {
    slot: Slot;
  }

  const { slot }: Props = $props();
  const bench = useBench();

  async function copy(code: string) {
    try {
      await navigator.clipboard.writeText(code);
      bench.say(`${code} is copied.`);
    } catch (error) {
      bench.say(`The browser did not let ${code} be copied: ${messageOf(error)}`);
    }
  }
</script>

<ul aria-label="Tints of {slotName(slot.slot)}">
  {#each slot.tints as tint (`${tint.lumMod}/${tint.lumOff}`)}
    {@const code = tint.hex.slice(1)}
    {@const step = stepWords(tint)}
    <li>
      <button
        type="button"
        title="{step}; a click copies it"
        aria-label="Copy {code}, {slotName(slot.slot)} {step}"
        style:--color={tint.hex}
        style:--on={tint.ink}
        onclick={() => copy(code)}
      >
        {code}
      </button>
    </li>
  {/each}
</ul>

<style>
  ul {
    display: flex;
  }

  li {
    flex: 1;
  }

  button {
    width: 100%;
    min-width: 48px;
    height: 28px;
    background: var(--color);
    color: var(--on);
    font: 400 11px / 28px var(--code);
    text-align: center;
  }

  button:focus-visible {
    position: relative;
  }
</style>
