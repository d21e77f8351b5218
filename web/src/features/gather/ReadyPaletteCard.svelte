<script lang="ts">
  import type { ReadyPalette } from '../../api/types';
  import Button from '../../ui/Button.svelte';

  interface Props {
    palette: ReadyPalette;
    tried: boolean;
    ontry: () => void;
    ontake: () => void;
  }

  const { palette, tried, ontry, ontake }: Props = $props();

  const spoken = $derived(palette.colors.map(({ name, hex }) => `${name}, ${hex.slice(1)}`).join('; '));
</script>

<li data-tried={tried}>
  <button type="button" class="try" aria-pressed={tried} title={spoken} onclick={ontry}>
    <span class="row" aria-hidden="true">
      {#each palette.colors as color (color.hex)}<i style:--color={color.hex}></i>{/each}
    </span>
    <b>{palette.name}</b>
    <span class="facts">{palette.colors.length} colours, {palette.hue}</span>
    <span class="visually-hidden">{spoken}</span>
  </button>
  <span class="take"
    ><Button look={tried ? 'main' : 'plain'} aria-label="Take {palette.name}" onclick={ontake}>Take</Button
    ></span
  >
</li>

<style>
  li {
    position: relative;
    padding: 8px;
    border: 1.5px solid var(--hair);
    background: var(--paper);
  }

  li[data-tried='true'] {
    padding: 6.5px;
    border: 3px solid var(--ink);
  }

  .take {
    position: absolute;
    right: 8px;
    bottom: 8px;
  }

  .try {
    display: block;
    width: 100%;
    text-align: start;
  }

  .row {
    --cut: 12px;
    display: flex;
    height: 40px;
    margin-bottom: 6px;
    border: var(--hairline);
    clip-path: polygon(0 0, calc(100% - var(--cut)) 0, 100% var(--cut), 100% 100%, 0 100%);
  }

  i {
    flex: 1;
    background: var(--color);
  }

  b {
    display: block;
    line-height: 18px;
  }

  .facts {
    color: var(--ink-2);
    font-size: var(--size-small);
    line-height: 16px;
  }
</style>
