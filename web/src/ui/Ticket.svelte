<script lang="ts">
  /** How a swatch looks: a block with one clipped corner and its code set inside it. */
  interface Props {
    hex: string;
    ink: string;
    /** Fills the width it is given instead of having its own. */
    wide?: boolean;
    small?: boolean;
    /** Must not be used: two lines across it, as a guideline draws them. */
    crossed?: boolean;
  }

  const { hex, ink, wide = false, small = false, crossed = false }: Props = $props();
</script>

<span class="edge" class:wide class:small>
  <span class="face" style:--color={hex} style:--on={ink}>{hex.slice(1)}</span>
  {#if crossed}
    <svg viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden="true" style:--on={ink}>
      <path d="M0 0 100 100M0 100 100 0" vector-effect="non-scaling-stroke" />
    </svg>
  {/if}
</span>

<style>
  .edge {
    --cut: 16px;
    --shape: polygon(0 0, calc(100% - var(--cut)) 0, 100% var(--cut), 100% 100%, 0 100%);
    position: relative;
    display: block;
    width: 118px;
    height: 52px;
    padding: 1px;
    /* Pale colours would melt into the bench without a hairline around the whole shape, cut corner included. */
    background: var(--hair);
    clip-path: var(--shape);
  }

  svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
  }

  path {
    fill: none;
    stroke: var(--on);
    stroke-width: 1.5px;
  }

  .wide {
    width: 100%;
  }

  .small {
    --cut: 9px;
    width: 72px;
    height: 28px;
  }

  .face {
    display: block;
    width: 100%;
    height: 100%;
    padding: 5px 7px;
    background: var(--color);
    color: var(--on);
    clip-path: var(--shape);
    font: 500 var(--size-small) / 16px var(--code);
    text-align: start;
  }
</style>
