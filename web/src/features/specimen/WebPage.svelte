<script lang="ts">
  interface Props {
    name: string;
  }

  const { name }: Props = $props();
</script>

<div class="page">
  <div class="bar"><b>{name}</b><span class="link">Times</span><span class="followed">Prices</span></div>
  <div class="text">
    <h4>Where to today?</h4>
    <p>Everything on one page, and <span class="link">a link</span> where there is more.</p>
    <span class="button">Book a seat</span>
  </div>
</div>

<style>
  .page {
    background: var(--page1);
    color: var(--text1);
    font: var(--body-style) var(--body-weight) 11px / 16px var(--body);
    letter-spacing: var(--body-tracking);
    text-transform: var(--body-case);
  }

  .bar {
    display: flex;
    gap: 12px;
    padding: 8px 14px;
    background: var(--page2);
  }

  b {
    flex: 1;
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
