<script lang="ts">
  import type { Inventory, RuleRequest } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';

  interface Props {
    combinations: Inventory['combinations'];
    /** Name of the file that they were counted in. */
    from: string;
  }

  const { combinations, from }: Props = $props();
  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  type Combination = Inventory['combinations'][number];

  /** Pairs that were allowed from here, since the list itself stays as it was counted. */
  let done = $state<string[]>([]);

  const keyOf = ({ foreground, background }: Combination) => `${foreground} on ${background}`;

  /** Two decimals; what counts is the unrounded ratio. */
  function ratioWords(ratio: number): string {
    return `${(Math.floor(ratio * 100) / 100).toFixed(2)} : 1`;
  }

  function timesWords(count: number): string {
    return count === 1 ? '1 time' : `${count} times`;
  }

  /** What cannot be read is not allowed but left on purpose. What the palette lacks of the two joins it, so that the rule follows a swatch and stands on a ground that is shown. */
  function allow(pair: Combination) {
    void doing.once(async () => {
      const known = new Set(['#000000', '#FFFFFF', ...bench.brand.swatches.map(({ hex }) => hex)]);
      const missing = [pair.foreground, pair.background].filter((hex) => !known.has(hex));
      if (missing.length > 0) {
        await bench.palette.addSwatches(missing.map((hex) => ({ hex, origin: { source: from } })));
      }
      const kind: RuleRequest['kind'] = pair.reads ? 'allowed' : 'left';
      await bench.grounds.rulePair({
        kind,
        text: pair.foreground,
        ground: pair.background,
        reason: `Used ${timesWords(pair.count)} in ${from}`.slice(0, 200),
      });
      done = [...done, keyOf(pair)];
      const name = `${pair.foreground.slice(1)} on ${pair.background.slice(1)}`;
      const joined =
        missing.length > 0
          ? `, and ${missing.length === 1 ? 'one colour' : 'both colours'} joined the palette`
          : '';
      bench.say(
        kind === 'allowed'
          ? `${name} is allowed${joined}.`
          : `${name} does not read, and is left on purpose${joined}.`,
        true,
      );
    });
  }
</script>

<section>
  <h3>Used together most</h3>
  <ul aria-label="Combinations used most">
    {#each combinations as pair (keyOf(pair))}
      <li>
        <svg viewBox="0 0 72 28" aria-hidden="true">
          <rect x="-4" y="-4" width="80" height="36" fill={pair.background} />
          <text x="8" y="19" fill={pair.foreground}>Text 123</text>
        </svg>
        <span>
          <code>{pair.foreground.slice(1)}</code> on <code>{pair.background.slice(1)}</code>
          <small>{timesWords(pair.count)}, {ratioWords(pair.ratio)}</small>
        </span>
        {#if done.includes(keyOf(pair))}
          <small>{pair.reads ? 'allowed' : 'left'}</small>
        {:else}
          <Button look="quiet" onclick={() => allow(pair)}
            >{pair.reads ? 'Allow' : 'Leave'}<span class="visually-hidden"
              >&nbsp;{pair.foreground.slice(1)} on {pair.background.slice(1)}</span
            ></Button
          >
        {/if}
      </li>
    {/each}
  </ul>
</section>

<style>
  h3 {
    font-size: var(--size-text);
    line-height: 20px;
  }

  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(270px, 1fr));
    gap: 6px 16px;
    margin-top: 4px;
  }

  li {
    display: flex;
    gap: 10px;
    align-items: center;
  }

  svg {
    flex: none;
    width: 72px;
    height: 28px;
    border: var(--hairline);
  }

  text {
    font: 600 13px var(--text);
  }

  li > span {
    display: grid;
    grid-template-columns: auto auto auto;
    gap: 0 6px;
    justify-content: start;
    line-height: 17px;
  }

  small {
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  span small {
    grid-column: 1 / -1;
  }

  code {
    font: 500 var(--size-small) / 17px var(--code);
  }
</style>
