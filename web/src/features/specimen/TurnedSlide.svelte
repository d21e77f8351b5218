<script lang="ts">
  /** A layout of the other ground: its link has a colour of its own, since one that reads on white does not read here. */
  import type { Specimen } from '../../api/types';
  import BrandMark from './BrandMark.svelte';

  interface Props {
    specimen: Specimen;
    /** Whether it carries the logo. */
    marked: boolean;
  }

  const { specimen, marked }: Props = $props();

  /** Where the pages of the theme are dark this one is light. */
  const onLight = $derived(specimen.dark);
</script>

<div class="turned">
  <b>On a {onLight ? 'light' : 'dark'} ground</b>
  <ul>
    <li>Text is {onLight ? 'dark' : 'light'} here</li>
    <li>And <span>the link</span> has a colour that reads</li>
  </ul>
  <div class="corner">
    <BrandMark
      shown={marked}
      forms={['submark', 'icon', 'short', 'primary']}
      ground={specimen.text1}
      height={18}
    />
  </div>
</div>

<style>
  .corner {
    position: absolute;
    right: 12px;
    bottom: 8px;
    max-width: 30%;
  }

  .turned {
    position: relative;
    aspect-ratio: 16 / 9;
    padding: 14px;
    overflow: hidden;
    background: var(--text1);
    color: var(--page1);
    font: var(--body-style) var(--body-weight) 12px / 18px var(--body);
    letter-spacing: var(--body-tracking);
    text-transform: var(--body-case);
  }

  b {
    display: block;
    margin-bottom: 8px;
    font: var(--heading-style) var(--heading-weight) 16px / 22px var(--heading);
    letter-spacing: var(--heading-tracking);
    text-transform: var(--heading-case);
  }

  li {
    padding-left: 12px;
  }

  li::before {
    content: '▪';
    float: left;
    margin-left: -12px;
    color: var(--bullet-turned);
  }

  span {
    color: var(--link-turned);
    text-decoration: underline;
  }
</style>
