<script lang="ts">
  import type { Specimen } from '../../api/types';
  import BrandMark from './BrandMark.svelte';

  interface Props {
    name: string;
    specimen: Specimen;
    /** Whether it carries the logo. */
    marked: boolean;
  }

  const { name, specimen, marked }: Props = $props();
</script>

<div class="slide">
  <div class="band">{name}</div>
  <div class="text">
    <p class="second">What is new this season</p>
    <ul>
      <li>The first point, in the text colour</li>
      <li>
        A second point, with <span class="link">a link</span> and <span class="followed">a visited one</span>
      </li>
    </ul>
    <p class="box">The one thing that matters</p>
  </div>
  <div class="corner">
    <BrandMark
      shown={marked}
      forms={['submark', 'icon', 'short', 'primary']}
      ground={specimen.page1}
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

  .slide {
    position: relative;
    aspect-ratio: 16 / 9;
    overflow: hidden;
    background: var(--page1);
    color: var(--text1);
    font: var(--body-style) var(--body-weight) 12px / 17px var(--body);
    letter-spacing: var(--body-tracking);
    text-transform: var(--body-case);
  }

  .band {
    padding: 8px 14px;
    overflow: hidden;
    border-bottom: 3px solid var(--beside-lead);
    background: var(--lead);
    color: var(--on-lead);
    font: var(--heading-style) var(--heading-weight) 16px / 22px var(--heading);
    letter-spacing: var(--heading-tracking);
    text-transform: var(--heading-case);
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  .text {
    padding: 8px 14px;
  }

  .second {
    color: var(--sub-ink);
    font: var(--sub-style) var(--sub-weight) 13px / 20px var(--sub);
    letter-spacing: var(--sub-tracking);
    text-transform: var(--sub-case);
  }

  li {
    padding-left: 12px;
  }

  li::before {
    content: '▪';
    float: left;
    margin-left: -12px;
    color: var(--bullet);
  }

  .link {
    color: var(--link);
    text-decoration: underline;
  }

  .followed {
    color: var(--followed);
    text-decoration: underline;
  }

  .box {
    width: max-content;
    margin: 8px 0 0 auto;
    padding: 5px 9px;
    background: var(--raised);
    color: var(--on-raised);
    font-weight: 700;
  }
</style>
