<script lang="ts">
  interface Props {
    name: string;
  }

  const { name }: Props = $props();
</script>

<div class="letter">
  <b>{name}</b>
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

  b {
    display: block;
    margin-bottom: 12px;
    padding-bottom: 6px;
    overflow: hidden;
    border-bottom: 2px solid var(--bullet);
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
