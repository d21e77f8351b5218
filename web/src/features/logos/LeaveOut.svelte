<script lang="ts">
  import type { LogoForm } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import { groupsOf, whereabouts, type PieceGroup } from './logos';

  /** The short form: the primary logo without some of its groups, or of its single pieces. */
  interface Props {
    primary: LogoForm;
    onmade: () => void;
  }

  const { primary, onmade }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  let single = $state(false);
  let out = $state.raw<readonly number[]>([]);

  const groups = $derived(groupsOf(primary.pieces));
  const parts: PieceGroup[] = $derived(
    single ? primary.pieces.map((piece, number) => ({ number, pieces: [piece], box: piece })) : groups,
  );

  function toggle(number: number) {
    out = out.includes(number) ? out.filter((other) => other !== number) : [...out, number];
  }

  function change(one: boolean) {
    single = one;
    out = [];
  }

  async function make() {
    const leaveOut = parts
      .filter(({ number }) => out.includes(number))
      .flatMap(({ pieces }) => pieces)
      .map(({ x, y, width, height }) => ({ x, y, width, height }));
    if (await doing.do(() => bench.logos.set('short', { of: 'primary', leaveOut }))) {
      bench.say('The short form is made.', true);
      onmade();
    }
  }
</script>

{#if parts.length < 2}
  <p>The primary logo is in one piece, so nothing can be left out of it; choose a file for the short form.</p>
{:else}
  <p>Press what the short form leaves out; hatched parts go.</p>
  <div class="logo" style:aspect-ratio={primary.ratio}>
    <img src={bench.logos.picture('primary', 'light', 1000)} alt="Primary logo" />
    {#each parts as part (part.number)}
      <button
        type="button"
        aria-pressed={out.includes(part.number)}
        aria-label="Leave out part {part.number + 1}, {whereabouts(part.box)}"
        style:left="{part.box.x * 100}%"
        style:top="{part.box.y * 100}%"
        style:width="{part.box.width * 100}%"
        style:height="{part.box.height * 100}%"
        onclick={() => toggle(part.number)}
      ></button>
    {/each}
  </div>
  <div class="ways">
    <Button look="main" disabled={out.length === 0 || out.length === parts.length} onclick={make}
      >Make the short form</Button
    >
    <label
      ><input type="checkbox" checked={single} onchange={(event) => change(event.currentTarget.checked)} /> single
      pieces</label
    >
  </div>
{/if}
<Complaint text={doing.problem} />

<style>
  .logo {
    position: relative;
    width: min(100%, 460px);
    margin: 8px 0;
    background: var(--paper);
  }

  img {
    display: block;
    width: 100%;
    height: 100%;
  }

  button {
    position: absolute;
    min-width: 0;
    min-height: 0;
    border: 1.5px dashed var(--ink-2);
  }

  button:hover {
    border-style: solid;
  }

  button[aria-pressed='true'] {
    border: 1.5px solid var(--ink);
    background: repeating-linear-gradient(135deg, var(--ink) 0 1.5px, rgb(255 255 255 / 80%) 1.5px 6px);
  }

  .ways {
    display: flex;
    gap: 16px;
    align-items: center;
  }
</style>
