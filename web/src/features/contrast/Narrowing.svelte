<script lang="ts">
  import type { Ground } from '../../api/types';
  import Button from '../../ui/Button.svelte';
  import { colorName } from './contrast';
  import Decision from './Decision.svelte';

  /** Says that less may stand on a ground than can be read on it. */
  interface Props {
    ground: Ground;
    onclose: () => void;
  }

  const { ground, onclose }: Props = $props();

  let chosen = $state('');

  const standing = $derived(ground.may.find(({ color }) => color.hex === chosen) ?? ground.may[0]);
</script>

<section aria-label="Narrow what may stand on {colorName(ground.color)}">
  <div class="title">
    <label>
      Of what can be read on {colorName(ground.color)}
      <select
        aria-label="Which text"
        value={standing?.color.hex ?? ''}
        onchange={(event) => (chosen = event.currentTarget.value)}
      >
        {#each ground.may as { color } (color.hex)}<option value={color.hex}>{colorName(color)}</option
          >{/each}
      </select>
    </label>
    <Button look="quiet" onclick={onclose}>Close it</Button>
  </div>
  {#if standing}
    {#key standing.color.hex}
      <Decision {ground} {standing} {onclose} />
    {/key}
  {/if}
</section>

<style>
  section {
    display: grid;
    gap: 8px;
    margin: 4px 0 8px 104px;
    padding: 10px 12px;
    border: var(--rule);
    background: var(--paper);
  }

  .title {
    display: flex;
    justify-content: space-between;
    align-items: center;
  }

  label {
    font-weight: 600;
  }

  select {
    margin-left: 8px;
  }
</style>
