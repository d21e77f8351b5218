<script lang="ts" module>
  /** A part of a picture, in its pixels. */
  export interface Part {
    x: number;
    y: number;
    width: number;
    height: number;
  }
</script>

<script lang="ts">
  /** The sides of a part in numbers, for those who do not drag. */
  interface Props {
    part: Part;
    onset: (part: Part) => void;
  }

  const { part, onset }: Props = $props();

  const SIDES = [
    { key: 'x', name: 'left' },
    { key: 'y', name: 'top' },
    { key: 'width', name: 'width' },
    { key: 'height', name: 'height' },
  ] as const satisfies readonly { key: keyof Part; name: string }[];
</script>

{#each SIDES as side (side.key)}
  <label>
    {side.name}
    <input
      type="number"
      min="0"
      value={part[side.key]}
      onchange={(event) => onset({ ...part, [side.key]: event.currentTarget.valueAsNumber || 0 })}
    />
    px
  </label>
{/each}

<style>
  label {
    display: flex;
    gap: 4px;
    align-items: center;
  }

  input {
    width: 54px;
    min-height: 28px;
    padding: 2px 4px;
    border: var(--rule);
    background: var(--paper);
    font: 400 var(--size-small) / 16px var(--code);
  }
</style>
