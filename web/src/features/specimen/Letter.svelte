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

<div class="letter">
  <div class="head">
    <BrandMark shown={marked} forms={['primary', 'short', 'submark']} ground={specimen.page1} height={30}>
      <b>{name}</b>
    </BrandMark>
  </div>
  <p>Dear reader,</p>
  <p>the new season begins in spring. All that has changed stands <span>on this page</span>.</p>
  <h4>What stays</h4>
  <p class="callout">The one thing to remember, in a box.</p>
  <p>With kind regards</p>
</div>

<style>
  .letter {
    padding: 16px 20px 20px;
    background: var(--page1);
    color: var(--text1);
    font: var(--body-style) var(--body-weight) 11px / 16px var(--body);
    letter-spacing: var(--body-tracking);
    text-transform: var(--body-case);
  }

  .head {
    margin-bottom: 12px;
    padding-bottom: 6px;
    border-bottom: 2px solid var(--bullet);
  }

  b {
    display: block;
    overflow: hidden;
    font: var(--heading-style) var(--heading-weight) 14px / 18px var(--heading);
    letter-spacing: var(--heading-tracking);
    text-transform: var(--heading-case);
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  p {
    margin-bottom: 8px;
  }

  h4 {
    margin-bottom: 4px;
    color: var(--sub-ink);
    font: var(--sub-style) var(--sub-weight) 12px / 16px var(--sub);
    letter-spacing: var(--sub-tracking);
    text-transform: var(--sub-case);
  }

  .callout {
    padding: 6px 10px;
    border-left: 4px solid var(--raised);
    background: var(--page2);
  }

  span {
    color: var(--link);
    text-decoration: underline;
  }
</style>
