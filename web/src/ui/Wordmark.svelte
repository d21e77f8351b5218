<script lang="ts">
  /** The name of the house, with its hum. */
</script>

<span>zumbido<i aria-hidden="true"></i></span>

<style>
  span {
    display: flex;
    align-items: center;
    gap: 6px;
    font-weight: 800;
    font-size: var(--size-title);
    line-height: 1;
    letter-spacing: -0.02em;
  }

  i {
    width: 34px;
    height: 10px;
    background: repeating-linear-gradient(90deg, var(--ink) 0 2px, transparent 2px 4px);
    clip-path: polygon(
      0 40%,
      20% 0,
      40% 60%,
      60% 10%,
      80% 70%,
      100% 30%,
      100% 70%,
      80% 100%,
      60% 60%,
      40% 100%,
      20% 50%,
      0 70%
    );
  }
</style>
