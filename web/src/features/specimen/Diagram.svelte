<script lang="ts">
  import type { Specimen } from '../../api/types';
  import { setIn } from '../../words/lettering';

  /** Boxes and arrows: how work goes from one hand to the next. */
  interface Props {
    specimen: Specimen;
  }

  const { specimen }: Props = $props();

  /** In pixels of the drawing; the first leads, the others are the accents in their order. */
  const STEPS = [
    { word: 'Ask', x: 14, y: 34 },
    { word: 'Draw', x: 114, y: 34 },
    { word: 'Show', x: 214, y: 34 },
    { word: 'Change', x: 114, y: 90 },
  ] as const;

  const fills = $derived([specimen.lead, ...specimen.accents.slice(1, 4)]);
  const inks = $derived([specimen.onLead, ...specimen.onAccents.slice(1, 4)]);
</script>

<svg viewBox="0 0 308 136" style:background={specimen.page1} style={setIn(specimen.body)}>
  <text x="14" y="22" class="title" style:fill={specimen.text1} style={setIn(specimen.heading)}>
    From one hand to the next
  </text>
  <g class="ways" style:stroke={specimen.text2} style:fill={specimen.text2}>
    <path d="M96 50h12m-5 -4 6 4 -6 4" />
    <path d="M196 50h12m-5 -4 6 4 -6 4" />
    <path d="M254 68v38h-52m5 -4 -6 4 6 4" />
    <path d="M154 88v-14m-4 5 4 -6 4 6" />
  </g>
  {#each STEPS as { word, x, y }, index (word)}
    <rect {x} {y} width="80" height="32" style:fill={fills[index]} />
    <text x={x + 40} y={y + 20} class="word" style:fill={inks[index]}>{word}</text>
  {/each}
</svg>

<style>
  svg {
    display: block;
    width: 100%;
  }

  .title {
    font-size: 12px;
  }

  .word {
    font-size: 11px;
    font-weight: 600;
    text-anchor: middle;
  }

  .ways {
    fill: none;
    stroke-width: 1.5;
  }

  .ways path {
    fill: none;
  }
</style>
