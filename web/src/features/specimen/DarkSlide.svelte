<script lang="ts">
  /** A dark layout: its link has a colour of its own, since one that reads on white does not read here. */
</script>

<div class="dark">
  <b>On a dark ground</b>
  <ul>
    <li>Text is light here</li>
    <li>And <span>the link</span> has a colour that reads</li>
  </ul>
</div>

<style>
  .dark {
    aspect-ratio: 16 / 9;
    padding: 14px;
    overflow: hidden;
    background: var(--dark1);
    color: var(--light1);
    font:
      400 12px / 18px var(--body),
      sans-serif;
  }

  b {
    display: block;
    margin-bottom: 8px;
    font:
      700 16px / 22px var(--heading),
      sans-serif;
  }

  li {
    padding-left: 12px;
  }

  li::before {
    content: '▪';
    float: left;
    margin-left: -12px;
    color: var(--accent2);
  }

  span {
    color: var(--link-on-dark);
    text-decoration: underline;
  }
</style>
