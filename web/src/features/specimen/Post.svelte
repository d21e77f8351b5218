<script lang="ts">
  import type { Specimen } from '../../api/types';
  import { setIn } from '../../words/lettering';
  import BrandMark from './BrandMark.svelte';

  /** A square post: text over a picture, with the dark colour laid between them at opacity 70 %, so that 30 % shine through. */
  interface Props {
    specimen: Specimen;
    /** Whether it carries the logo. */
    marked: boolean;
  }

  const { specimen, marked }: Props = $props();
</script>

<div class="post">
  <svg viewBox="0 0 200 200">
    <rect width="200" height="200" style:fill={specimen.page2} />
    <circle cx="140" cy="60" r="34" style:fill={specimen.accents[2]} />
    <path d="M0 120C40 96 70 132 110 112S170 96 200 116V200H0Z" style:fill={specimen.accents[1]} />
    <path d="M0 156C50 136 90 168 130 150S180 142 200 150V200H0Z" style:fill={specimen.accents[0]} />
    <rect width="200" height="200" style:fill={specimen.text1} opacity="0.7" />
    <text x="18" y="104" class="large" style:fill={specimen.page1} style={setIn(specimen.heading)}>
      Summer is near
    </text>
    <text x="18" y="126" style:fill={specimen.page1} style={setIn(specimen.body)}>
      New times from 1 May
    </text>
  </svg>
  <div class="mark">
    <BrandMark shown={marked} forms={['submark', 'short', 'primary']} ground={specimen.text1} height={36} />
  </div>
</div>

<style>
  .post {
    position: relative;
  }

  .mark {
    position: absolute;
    top: 16px;
    left: 24px;
    max-width: 60%;
  }

  svg {
    display: block;
    width: 100%;
  }

  text {
    font-size: 11px;
  }

  .large {
    font-size: 18px;
  }
</style>
