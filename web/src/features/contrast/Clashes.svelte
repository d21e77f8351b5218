<script lang="ts">
  import { Resource } from '../../bench/resource.svelte';
  import type { Clash, ClashRemedy } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import type { Carrying } from '../carry/carrying.svelte';
  import { clashRemedyWords, colorName } from './contrast';

  /** Vivid neighbours of like lightness, and what ends it. */
  interface Props {
    carrying: Carrying;
  }

  const { carrying }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  /** By the pair: why it is to be left. */
  const reasons = $state<Record<string, string>>({});

  const asked = new Resource(() => ({
    key: String(bench.brand.revision),
    ask: (signal) => bench.grounds.clashes(signal),
  }));
  const clashes = $derived(asked.value?.clashes);
  const hidden = $derived((asked.value?.total ?? 0) - (clashes?.length ?? 0));

  const keyOf = ({ one, other }: Clash) => `${one.hex} ${other.hex}`;

  async function take(remedy: ClashRemedy) {
    const swatch = bench.brand.swatches.find(({ id }) => id === remedy.from.swatch);
    if (swatch) {
      await doing.do(() => carrying.recolor(swatch, remedy.to));
    }
  }

  function leave(event: SubmitEvent, clash: Clash) {
    event.preventDefault();
    const reason = reasons[keyOf(clash)] ?? '';
    const pair = { text: clash.one.hex, ground: clash.other.hex };
    void doing.do(() => bench.grounds.rulePair({ kind: 'left', reason, ...pair }));
  }

  const lookAgain = (clash: Clash) => doing.do(() => bench.grounds.freePair(clash.one.hex, clash.other.hex));
</script>

<Complaint text={doing.problem ?? asked.problem} />
{#if clashes?.length === 0}
  <p>No two colours of the palette vibrate side by side.</p>
{:else if clashes}
  <p class="sum">
    Two vivid colours of like lightness vibrate where they touch. Keep them apart with a neutral between, or
    change one of them.
  </p>
  <ul aria-label="Clashes">
    {#each clashes as clash (keyOf(clash))}
      <li>
        <div class="stripes" inert>
          {#each [0, 1, 2] as stripe (stripe)}
            <span style:--color={clash.one.hex}></span><span style:--color={clash.other.hex}></span>
          {/each}
        </div>
        <div class="words">
          <b>{colorName(clash.one)} beside {colorName(clash.other)}</b>
          {#if clash.left}
            <p>
              Left as it is, because: {clash.left}
              <Button look="quiet" onclick={() => lookAgain(clash)}>Look at it again</Button>
            </p>
          {:else}
            <ul class="remedies">
              {#each clash.remedies.slice(0, 4) as remedy (`${remedy.kind}${remedy.from.hex}`)}
                <li>
                  <span class="sample" inert style:--color={remedy.from.hex}></span>
                  <span class="sample" inert style:--color={remedy.to}></span>
                  {clashRemedyWords(remedy)}
                  <Button look="quiet" onclick={() => take(remedy)}
                    >Take it<span class="visually-hidden">: {clashRemedyWords(remedy)}</span></Button
                  >
                </li>
              {/each}
            </ul>
            <form onsubmit={(event) => leave(event, clash)}>
              <label>
                Leave it, because
                <input
                  aria-label="Leave {colorName(clash.one)} beside {colorName(clash.other)}, because"
                  bind:value={reasons[keyOf(clash)]}
                  required
                  maxlength="200"
                  autocomplete="off"
                />
              </label>
              <Button type="submit">Leave it</Button>
            </form>
          {/if}
        </div>
      </li>
    {/each}
  </ul>
  {#if hidden > 0}<p>{hidden} more are not shown; they come up as these are dealt with.</p>{/if}
{/if}

<style>
  .sum {
    margin-bottom: 12px;
  }

  ul {
    display: grid;
    gap: 16px;
  }

  li {
    display: grid;
    grid-template-columns: 180px minmax(0, 1fr);
    gap: 14px;
    padding-bottom: 12px;
    border-bottom: var(--hairline);
  }

  .stripes {
    display: flex;
    height: 72px;
  }

  .stripes span {
    flex: 1;
    background: var(--color);
  }

  .words {
    display: grid;
    gap: 8px;
  }

  .remedies {
    gap: 2px;
  }

  .remedies li {
    display: flex;
    gap: 6px;
    align-items: center;
    padding: 0;
    border: 0;
  }

  .sample {
    width: 28px;
    height: 20px;
    background: var(--color);
  }

  form,
  label {
    display: flex;
    gap: 8px;
    align-items: center;
  }

  label {
    font-weight: 600;
  }

  input {
    width: 260px;
    min-height: 32px;
    padding: 4px 8px;
    border: var(--rule);
    background: var(--paper);
  }
</style>
