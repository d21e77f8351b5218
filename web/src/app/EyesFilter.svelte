<script lang="ts">
  import { eyes } from '../bench/eyes.svelte';
</script>

<!-- Matrices of deficiencies hold in linear light. -->
<svg width="0" height="0" aria-hidden="true" focusable="false">
  <filter id="eyes" color-interpolation-filters="linearRGB" x="0" y="0" width="100%" height="100%">
    <feColorMatrix type="matrix" values={eyes.matrix ?? '1 0 0 0 0 0 1 0 0 0 0 0 1 0 0 0 0 0 1 0'} />
  </filter>
</svg>

<style>
  svg {
    position: absolute;
  }
</style>
