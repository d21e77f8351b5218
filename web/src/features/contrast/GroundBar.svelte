<script lang="ts">
  import type { Ground, Specimen, Standing } from '../../api/types';
  import { typeVars } from '../../words/lettering';
  import { colorName, standingWords } from './contrast';
  import { ratioShown } from '../../words/ratio';

  /** One ground with what may stand on it, and below it, hatched, what may not. */
  interface Props {
    ground: Ground;
    specimen: Specimen;
    /** The colour whose remedies are shown. */
    chosen?: string | undefined;
    onchoose: (standing: Standing) => void;
    /** Somebody wants to say that less may stand there. */
    onnarrow: () => void;
  }

  const { ground, specimen, chosen, onchoose, onnarrow }: Props = $props();

  const LINES = ['Boats at dawn', 'Two boats', 'Next boat'];

  const name = $derived(colorName(ground.color));
  const spoken = $derived(
    ground.may
      .map(
        ({ color, ratio, verdict }) =>
          `${colorName(color)}, ${ratioShown(ratio)} to 1${verdict === 'text' ? '' : ', large only'}`,
      )
      .join('; '),
  );

  function line(standing: Standing, index: number): string {
    return standing.verdict === 'text' ? (LINES[index] ?? 'Boat') : 'Large only';
  }
</script>

<li>
  <div class="name">
    <b>{name}</b><span>{ground.color.hex.slice(1)}</span>
    {#if ground.may.length > 0}
      <button type="button" class="narrow" onclick={onnarrow}
        >narrow<span class="visually-hidden">&nbsp;what may stand on {name}</span></button
      >
    {/if}
  </div>
  <div>
    <p class="visually-hidden">On {name} may stand: {spoken || 'nothing of the brand'}.</p>
    <!-- Content, painted in the brand's colours; what it says is read out above. -->
    <div class="bar" inert style:--ground={ground.color.hex} style={typeVars(specimen)}>
      {#each ground.may as standing, index (standing.color.hex)}
        <span style:--on={standing.color.hex}>
          <b>{line(standing, index)}</b>
          <i
            >{colorName(standing.color)}
            {ratioShown(standing.ratio)}{standing.used ? ', in use' : ''}{standing.rule ? ', allowed' : ''}</i
          >
        </span>
      {/each}
    </div>
    {#if ground.mayNot.length > 0}
      <ul aria-label="May not stand on {name}">
        {#each ground.mayNot as standing (standing.color.hex)}
          <li>
            <button
              type="button"
              class:used={standing.toLookAt}
              aria-pressed={chosen === standing.color.hex}
              onclick={() => onchoose(standing)}
            >
              {colorName(standing.color)}
              {standingWords(standing)}
            </button>
          </li>
        {/each}
      </ul>
    {/if}
  </div>
</li>

<style>
  li {
    display: grid;
    grid-template-columns: 104px minmax(0, 1fr);
  }

  .name {
    display: grid;
    align-content: start;
    padding-top: 4px;
    line-height: 17px;
  }

  .name span {
    font: 400 var(--size-small) / 16px var(--code);
  }

  .name .narrow {
    justify-self: start;
    min-height: 24px;
    padding: 0;
    background: none;
    text-decoration: underline;
    text-underline-offset: 3px;
  }

  .bar {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 18px;
    min-height: 38px;
    padding: 7px 12px;
    border: var(--hairline);
    background: var(--ground);
  }

  .bar span {
    display: inline-flex;
    gap: 5px;
    align-items: baseline;
    color: var(--on);
  }

  .bar b {
    font: var(--heading-style) var(--heading-weight) 16px / 22px var(--heading);
    letter-spacing: var(--heading-tracking);
    text-transform: var(--heading-case);
  }

  .bar i {
    font: var(--body-style) var(--body-weight) 12px / 18px var(--body);
    letter-spacing: var(--body-tracking);
    text-transform: var(--body-case);
  }

  ul {
    display: flex;
    flex-wrap: wrap;
    gap: 0 6px;
    padding: 0 6px;
    background: var(--hatch);
  }

  ul li {
    display: block;
  }

  button {
    min-height: 24px;
    padding: 2px 6px;
    background: var(--board);
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  button:hover,
  button[aria-pressed='true'] {
    text-decoration: underline;
    text-underline-offset: 3px;
  }

  .used {
    color: var(--ink);
    font-weight: 700;
    outline: 1.5px solid var(--ink);
    outline-offset: -1.5px;
  }
</style>
