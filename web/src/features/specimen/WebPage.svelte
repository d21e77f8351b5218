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

<div class="tab">
  <BrandMark shown={marked} forms={['icon', 'submark']} ground="#FFFFFF" height={16} />
  {name}
</div>
<div class="page">
  <div class="bar">
    <span class="mark">
      <BrandMark shown={marked} forms={['short', 'primary', 'submark']} ground={specimen.page2} height={22}>
        <b>{name}</b>
      </BrandMark>
    </span>
    <span class="link">Times</span><span class="followed">Prices</span>
  </div>
  <div class="text">
    <h4>Where to today?</h4>
    <p>Everything on one page, and <span class="link">a link</span> where there is more.</p>
    <span class="button">Book a seat</span>
  </div>
</div>

<style>
  /* A tab of a browser is a browser's, not the brand's. */
  .tab {
    display: flex;
    gap: 6px;
    align-items: center;
    width: 150px;
    margin-bottom: -10px;
    padding: 5px 8px 15px;
    overflow: hidden;
    background: #fff;
    color: #161616;
    font-size: 11px;
    line-height: 16px;
    white-space: nowrap;
  }

  .mark {
    flex: 1;
    min-width: 0;
  }

  .page {
    position: relative;
    background: var(--page1);
    color: var(--text1);
    font: var(--body-style) var(--body-weight) 11px / 16px var(--body);
    letter-spacing: var(--body-tracking);
    text-transform: var(--body-case);
  }

  .bar {
    display: flex;
    gap: 12px;
    align-items: center;
    padding: 8px 14px;
    background: var(--page2);
  }

  b {
    display: block;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  .text {
    padding: 12px 14px 14px;
  }

  h4 {
    color: var(--heading-ink);
    font: var(--heading-style) var(--heading-weight) 17px / 22px var(--heading);
    letter-spacing: var(--heading-tracking);
    text-transform: var(--heading-case);
  }

  p {
    margin: 4px 0 10px;
  }

  .link {
    color: var(--link);
    text-decoration: underline;
  }

  .followed {
    color: var(--followed);
    text-decoration: underline;
  }

  .button {
    display: inline-block;
    padding: 6px 12px;
    background: var(--lead);
    color: var(--on-lead);
    font-weight: 700;
  }
</style>
