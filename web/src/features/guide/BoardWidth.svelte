<script lang="ts">
  interface Props {
    /** In points. */
    width: number;
    onset: (width: number) => void;
  }

  const { width, onset }: Props = $props();

  const LEAST = 320;
  const MOST = 2400;

  /** What was typed last and cannot be taken; it stays, so that it can be put right. */
  let refused = $state(false);

  function set(typed: number) {
    refused = !(typed >= LEAST && typed <= MOST);
    if (!refused) {
      onset(Math.round(typed));
    }
  }
</script>

<label>
  Width
  <input
    type="number"
    aria-label="Width of the board in points"
    aria-invalid={refused ? 'true' : undefined}
    min={LEAST}
    max={MOST}
    value={width}
    onchange={(event) => set(event.currentTarget.valueAsNumber)}
  />
  pt
  {#if refused}<span role="alert">A board is {LEAST} to {MOST} pt wide.</span>{/if}
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
