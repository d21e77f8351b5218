<script lang="ts">
  interface Props {
    /** In points. */
    width: number;
    onset: (width: number) => void;
  }

  const { width, onset }: Props = $props();

  const LEAST = 320;
  const MOST = 2400;

  function set(typed: number) {
    if (Number.isFinite(typed)) {
      onset(Math.round(Math.min(MOST, Math.max(LEAST, typed))));
    }
  }
</script>

<label>
  Width
  <input
    type="number"
    aria-label="Width of the board in points"
    min={LEAST}
    max={MOST}
    value={width}
    onchange={(event) => set(event.currentTarget.valueAsNumber)}
  />
  pt
</label>

<style>
  label {
    display: flex;
    gap: 6px;
    align-items: center;
  }

  input {
    width: 80px;
    font-family: var(--code);
  }
</style>
