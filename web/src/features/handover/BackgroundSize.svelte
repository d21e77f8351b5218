<script lang="ts">
  import { backgroundsOf } from '../../api/addresses';
  import { useBench } from '../../bench/bench.svelte';

  /** Backgrounds in the size that somebody asks for. */
  interface Props {
    theme: string;
  }

  const { theme }: Props = $props();
  const bench = useBench();
  /** As the server has it: more than that is no picture that lies under text. */
  const MOST = 8000;

  let width = $state(1920);
  let height = $state(1080);

  const fits = $derived(
    width >= 1 && height >= 1 && width <= MOST && height <= MOST && width * height <= 24_000_000,
  );
</script>

<span>
  <input
    type="number"
    aria-label="Width of the backgrounds in pixels"
    min="1"
    max={MOST}
    bind:value={width}
  />
  ×
  <input
    type="number"
    aria-label="Height of the backgrounds in pixels"
    min="1"
    max={MOST}
    bind:value={height}
  />
  px
  {#if fits}
    <a
      href={backgroundsOf(bench.id, theme, width, height)}
      download
      aria-label="in this size, Backgrounds, download">in this size</a
    >
  {:else}
    1 to {MOST} px, 24 megapixels in all
  {/if}
</span>

<style>
  span {
    display: inline-flex;
    gap: 6px;
    align-items: center;
  }

  input {
    width: 68px;
    min-height: 24px;
    padding: 0 4px;
    border: var(--rule);
    background: var(--paper);
    font: 500 12px / 18px var(--code);
  }

  a {
    font-weight: 600;
  }
</style>
