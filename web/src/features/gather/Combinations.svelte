<script lang="ts">
  import type { Inventory } from '../../api/types';

  interface Props {
    combinations: Inventory['combinations'];
  }

  const { combinations }: Props = $props();

  /** Two decimals; what counts is the unrounded ratio. */
  function ratioWords(ratio: number): string {
    return `${(Math.floor(ratio * 100) / 100).toFixed(2)} : 1`;
  }
</script>

<section>
  <h3>Used together most</h3>
  <ul aria-label="Combinations used most">
    {#each combinations as pair (pair.foreground + pair.background)}
      <li>
        <svg viewBox="0 0 72 28" aria-hidden="true">
          <rect x="-4" y="-4" width="80" height="36" fill={pair.background} />
          <text x="8" y="19" fill={pair.foreground}>Text 123</text>
        </svg>
        <span>
          <code>{pair.foreground.slice(1)}</code> on <code>{pair.background.slice(1)}</code>
          <small>{pair.count} {pair.count === 1 ? 'time' : 'times'}, {ratioWords(pair.ratio)}</small>
        </span>
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
    grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
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

  span {
    display: grid;
    grid-template-columns: auto auto auto;
    gap: 0 6px;
    justify-content: start;
    line-height: 17px;
  }

  small {
    grid-column: 1 / -1;
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  code {
    font: 500 var(--size-small) / 17px var(--code);
  }
</style>
