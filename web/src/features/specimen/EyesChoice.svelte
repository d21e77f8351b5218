<script lang="ts">
  import { Doing } from '../../bench/doing.svelte';
  import { EYES, eyes, type EyesOf } from '../../bench/eyes.svelte';
  import Complaint from '../../ui/Complaint.svelte';

  const doing = new Doing();

  async function see(whose: EyesOf, strength: number) {
    await doing.do(async () => {
      await eyes.see(whose, strength);
    });
  }

  function choose(event: Event & { currentTarget: HTMLSelectElement }) {
    const chosen = EYES.find(({ value }) => value === event.currentTarget.value);
    void see(chosen?.value ?? 'normal', 100);
  }
</script>

<!-- Folded away until somebody wants it. -->
<details open={eyes.whose !== 'normal'}>
  <summary>Eyes of others{eyes.whose === 'normal' ? '' : `: ${eyes.name}`}</summary>
  <select aria-label="Strip and specimens as seen with" value={eyes.whose} onchange={choose}>
    {#each EYES as { value, name } (value)}<option {value}>{name}</option>{/each}
  </select>
  {#if eyes.whose !== 'normal' && eyes.whose !== 'grey'}
    <label>
      Strength
      <input
        type="range"
        min="0"
        max="100"
        step="10"
        value={eyes.strength}
        aria-label="Strength of the deficiency"
        aria-valuetext="{eyes.strength} %"
        oninput={(event) => see(eyes.whose, event.currentTarget.valueAsNumber)}
      />
      <output>{eyes.strength} %</output>
    </label>
  {/if}
  <Complaint text={doing.problem} />
</details>

<style>
  details {
    margin-bottom: 10px;
    font-size: var(--size-small);
  }

  summary {
    cursor: pointer;
  }

  select {
    width: 100%;
    margin-top: 6px;
  }

  label {
    display: flex;
    gap: 8px;
    align-items: center;
    margin-top: 6px;
  }

  input {
    flex: 1;
  }

  output {
    min-width: 40px;
    text-align: end;
  }
</style>
