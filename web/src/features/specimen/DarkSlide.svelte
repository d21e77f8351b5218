<script lang="ts">
  import type { Specimen } from '../../api/types';

  /** A dark layout: its link has a colour of its own, since one that reads on white does not read here. */
  interface Props {
    specimen: Specimen;
  }

  const { specimen }: Props = $props();
</script>

<div
  class="dark"
  style:--dark={specimen.dark1}
  style:--light={specimen.light1}
  style:--bullet={specimen.accents[1]}
  style:--link={specimen.linkOnDark}
  style:--heading={specimen.headingFont}
  style:--body={specimen.bodyFont}
>
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
    background: var(--dark);
    color: var(--light);
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
    color: var(--bullet);
  }

  span {
    color: var(--link);
    text-decoration: underline;
  }
</style>
