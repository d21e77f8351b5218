<script lang="ts">
  import { useBench } from '../../bench/bench.svelte';
  import { Resource } from '../../bench/resource.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import { colorName } from './contrast';
  import { ratioShown } from '../../words/ratio';

  const bench = useBench();

  let code = $state('');
  let asked = $state<string>();

  const found = new Resource(() => {
    const ground = asked;
    return ground === undefined
      ? undefined
      : {
          key: `${bench.brand.revision} ${bench.theme.id} ${ground}`,
          ask: (signal) => bench.grounds.textOn(ground, signal),
        };
  });
  const answer = $derived(found.problem === undefined ? found.value : undefined);

  function ask(event: SubmitEvent) {
    event.preventDefault();
    if (asked === code) {
      found.again();
    }
    asked = code;
  }
</script>

<form onsubmit={ask}>
  <label>
    On any ground
    <input bind:value={code} required maxlength="60" autocomplete="off" placeholder="its code, as 7FBBB9" />
  </label>
  <Button type="submit">Which text?</Button>
  {#if answer}
    <p role="status">
      <span class="sample" inert style:--ground={answer.ground.hex} style:--on={answer.text.hex}
        >Timetable</span
      >
      {colorName(answer.text)}, {ratioShown(answer.ratio)}:1
    </p>
  {/if}
</form>
<Complaint text={found.problem} />

<style>
  form {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 12px;
    align-items: center;
    margin-top: 16px;
  }

  label {
    font-weight: 600;
  }

  input {
    min-height: 32px;
    margin-left: 8px;
    padding: 4px 8px;
    border: var(--rule);
    background: var(--paper);
    font: 400 var(--size-small) var(--code);
  }

  .sample {
    display: inline-block;
    padding: 6px 10px;
    border: var(--hairline);
    background: var(--ground);
    color: var(--on);
    font-weight: 700;
  }
</style>
