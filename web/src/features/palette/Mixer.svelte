<script lang="ts">
  import { answered, api } from '../../api/client';
  import { messageOf } from '../../api/problem';
  import type { MixRequest, Swatch } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Resource } from '../../bench/resource.svelte';
  import CopyCode from '../../ui/CopyCode.svelte';
  import Segments from '../../ui/Segments.svelte';
  import { consequenceLines } from '../carry/consequences';
  import HarmonyBand from './HarmonyBand.svelte';
  import LadderRow from './LadderRow.svelte';
  import MixSlider from './MixSlider.svelte';
  import { printWords } from './print';
  import { judged, SURROUNDS } from './surround.svelte';
  import SwatchDetails from './SwatchDetails.svelte';

  interface Props {
    swatch: Swatch;
    /** Asks what would follow if it became one with another. */
    onmerge: (into: string) => Promise<void>;
  }

  const { swatch, onmerge }: Props = $props();
  const bench = useBench();

  /** The swatch as it was when the gesture began. */
  let before = $state.raw<Swatch>();

  const shown = new Resource(() => {
    const params = { path: { code: swatch.hex.slice(1) } };
    return {
      key: swatch.hex,
      ask: (signal) => answered(api.GET('/api/color/{code}/codes', { params, signal })),
    };
  });
  const towards = $derived(shown.value?.towards ?? { before: '', after: '' });
  const hueless = $derived(towards.before === '');
  const follows = $derived(
    bench.brand.consequences ? consequenceLines(bench.brand.consequences, swatch.id) : [],
  );
  const codes = $derived.by(() => {
    const found = shown.value?.codes;
    return found
      ? [
          { name: 'hex', code: found.hex },
          { name: 'RGB', code: found.rgb },
          { name: 'HSL', code: found.hsl },
          { name: 'CMYK', code: found.cmyk },
          { name: 'Lab', code: found.lab },
          { name: 'LCH', code: found.lch },
          { name: 'OKLCH', code: found.oklch },
        ]
      : [];
  });

  function preview(mix: MixRequest) {
    before ??= swatch;
    bench.palette.previewMix(swatch.id, mix);
  }

  function cancel() {
    before = undefined;
    bench.kept.endPreview();
  }

  async function commit(mix: MixRequest) {
    try {
      await bench.palette.mixSwatch(swatch.id, mix);
    } catch (error) {
      bench.say(messageOf(error));
    } finally {
      before = undefined;
    }
  }

  async function copyAll() {
    const text = codes.map(({ name, code }) => `${name}: ${code}`).join('\n');
    try {
      await navigator.clipboard.writeText(`${swatch.name}\n${text}\n`);
      bench.say(`All codes of ${swatch.name} are copied.`);
    } catch (error) {
      bench.say(`The browser did not let them be copied: ${messageOf(error)}`);
    }
  }
</script>

<section aria-label="Mixer of {swatch.name}">
  <div class="look">
    <svg viewBox="0 0 200 116" role="img" aria-label="before and after, on a {judged.surround} surround">
      <rect width="200" height="116" data-surround={judged.surround} />
      <rect x="28" y="22" width="72" height="72" fill={(before ?? swatch).hex} />
      <rect x="100" y="22" width="72" height="72" fill={swatch.hex} />
    </svg>
    <p><span>before {(before ?? swatch).hex.slice(1)}</span><span>after {swatch.hex.slice(1)}</span></p>
    <Segments
      label="Surround"
      options={SURROUNDS}
      value={judged.surround}
      onchange={(surround) => (judged.surround = surround)}
    />
  </div>
  <div class="mix">
    <MixSlider
      label="Lightness of {swatch.name}"
      less="darker"
      more="lighter"
      unit=" %"
      most={40}
      onpreview={(points) => preview({ lightness: points / 100 })}
      oncommit={(points) => commit({ lightness: points / 100 })}
      oncancel={cancel}
    />
    <MixSlider
      label="Strength of {swatch.name}"
      less="quieter"
      more="stronger"
      unit=" %"
      most={40}
      disabled={hueless}
      onpreview={(points) => preview({ chroma: points / 200 })}
      oncommit={(points) => commit({ chroma: points / 200 })}
      oncancel={cancel}
    />
    <MixSlider
      label="Hue of {swatch.name}"
      less={hueless ? 'no hue' : `towards ${towards.before}`}
      more={hueless ? 'no hue' : `towards ${towards.after}`}
      unit="°"
      most={60}
      disabled={hueless}
      onpreview={(degrees) => preview({ hue: degrees })}
      oncommit={(degrees) => commit({ hue: degrees })}
      oncancel={cancel}
    />
    <p class="hint">
      {#if before && bench.brand.consequences}
        {follows.length > 0 ? `Follows: ${follows.join('. ')}.` : 'Nothing else follows.'}
        {#if !bench.brand.consequences.inside}
          <b>No screen can show this; it is brought to the nearest colour that it can, at the same hue.</b>
        {/if}
      {:else}
        {hueless ? 'A grey has no hue and stays grey. ' : ''}What no screen can show is brought to the nearest
        colour that it can, at the same hue.
      {/if}
    </p>
    {#if shown.value}
      <div class="print">
        <svg viewBox="0 0 72 28" aria-hidden="true">
          <rect x="-4" y="-4" width="40" height="36" fill={swatch.hex} />
          <rect x="36" y="-4" width="40" height="36" fill={shown.value.press.hex} />
        </svg>
        <p>{printWords(shown.value.press)}</p>
      </div>
    {/if}
  </div>
  <dl>
    {#each codes as { name, code } (name)}
      <dt>{name}</dt>
      <dd>
        <CopyCode
          {code}
          of={swatch.name}
          oncopied={(copied) => bench.say(`${copied} is copied.`)}
          onfail={(why) => bench.say(why)}
        />
      </dd>
    {/each}
    <dt></dt>
    <dd><button type="button" class="all" onclick={copyAll}>copy all seven</button></dd>
  </dl>
  <SwatchDetails {swatch} {onmerge} />
  <LadderRow {swatch} />
  <HarmonyBand {swatch} />
</section>

<style>
  section {
    display: grid;
    grid-column: 1 / -1;
    grid-template-columns: 176px minmax(0, 1fr) 232px;
    gap: 16px;
    padding: 12px 0 4px;
    border-top: 1px solid var(--hair);
  }

  .look {
    display: grid;
    gap: 6px;
    align-content: start;
    justify-items: start;
  }

  .look svg {
    width: 176px;
    border: var(--hairline);
  }

  rect[data-surround='light'] {
    fill: var(--surround-light);
  }

  rect[data-surround='mid'] {
    fill: var(--surround-mid);
  }

  rect[data-surround='dark'] {
    fill: var(--surround-dark);
  }

  .look p {
    display: flex;
    justify-content: space-between;
    width: 100%;
    font: 400 var(--size-small) / 16px var(--code);
  }

  .mix {
    display: grid;
    gap: 8px;
    align-content: start;
  }

  .hint {
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  .print {
    display: flex;
    gap: 10px;
    align-items: center;
    font-size: var(--size-small);
  }

  .print svg {
    flex: none;
    width: 72px;
    height: 28px;
    border: var(--hairline);
  }

  dl {
    display: grid;
    grid-template-columns: 48px minmax(0, 1fr);
    align-content: start;
    align-items: center;
    font-size: var(--size-small);
  }

  dt {
    color: var(--ink-2);
  }

  .all {
    padding: 2px 4px;
    text-decoration: underline;
    text-underline-offset: 3px;
  }

  @media (max-width: 899px) {
    section {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
