<script lang="ts">
  import type { Ground } from '../../api/types';
  import { colorName } from './contrast';
  import Decision from './Decision.svelte';
  import Panel from './Panel.svelte';

  /** Says that less may stand on a ground than can be read on it. */
  interface Props {
    ground: Ground;
    onclose: () => void;
  }

  const { ground, onclose }: Props = $props();

  let chosen = $state('');

  const standing = $derived(ground.may.find(({ color }) => color.hex === chosen) ?? ground.may[0]);
</script>

<Panel label="Narrow what may stand on {colorName(ground.color)}" close="Close it" {onclose}>
  {#snippet title()}
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
  {/snippet}
  {#if standing}
    {#key standing.color.hex}
      <Decision {ground} {standing} {onclose} />
    {/key}
  {/if}
</Panel>

<style>
  label {
    font-weight: 600;
  }

  select {
    margin-left: 8px;
  }
</style>
