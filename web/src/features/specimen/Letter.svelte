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
    font:
      400 11px / 16px var(--body),
      sans-serif;
  }

  b {
    display: block;
    margin-bottom: 12px;
    padding-bottom: 6px;
    overflow: hidden;
    border-bottom: 2px solid var(--bullet);
    font:
      700 14px / 18px var(--heading),
      sans-serif;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  p {
    margin-bottom: 8px;
  }

  h4 {
    margin-bottom: 4px;
    color: var(--text2);
    font:
      700 12px / 16px var(--heading),
      sans-serif;
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
