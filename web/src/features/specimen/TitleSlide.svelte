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

<div class="title">
  <BrandMark shown={marked} forms={['primary', 'short', 'submark']} ground={specimen.lead} height={40} />
  <b>{name}</b>
  <i></i>
  <span>The year to come</span>
</div>

<style>
  .title {
    display: grid;
    align-content: center;
    justify-items: start;
    gap: 8px;
    aspect-ratio: 16 / 9;
    padding: 0 22px;
    overflow: hidden;
    background: var(--lead);
    color: var(--on-lead);
    font: var(--body-style) var(--body-weight) 13px / 18px var(--body);
    letter-spacing: var(--body-tracking);
    text-transform: var(--body-case);
  }

  b {
    max-width: 100%;
    overflow: hidden;
    font: var(--heading-style) var(--heading-weight) 22px / 28px var(--heading);
    letter-spacing: var(--heading-tracking);
    text-transform: var(--heading-case);
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  i {
    width: 64px;
    height: 4px;
    background: var(--beside-lead);
  }
</style>
