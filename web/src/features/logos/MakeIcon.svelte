<script lang="ts">
  import { untrack } from 'svelte';
  import type { FormName, IconShape, LogoForm } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import Segments from '../../ui/Segments.svelte';
  import TextField from '../../ui/TextField.svelte';
  import { formName } from '../../words/logos';
  import { initialsOf } from './logos';

  /** The icon: another form, or letters, on a ground. */
  interface Props {
    /** As it is; nothing: there is none yet. */
    icon?: LogoForm | undefined;
    initials?: boolean;
    onmade: () => void;
  }

  const { icon, initials = false, onmade }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  const SHAPES = [
    { value: 'rounded', name: 'rounded' },
    { value: 'round', name: 'round' },
    { value: 'square', name: 'square' },
  ] as const;

  const marks = $derived((['submark', 'short', 'primary'] as const).filter((form) => bench.logos.has(form)));
  let of = $state<FormName | 'initials'>(
    untrack(() =>
      initials || marks.length === 0 || icon?.way === 'initials'
        ? 'initials'
        : (icon?.of ?? marks[0] ?? 'initials'),
    ),
  );
  let letters = $state(untrack(() => icon?.initials ?? initialsOf(bench.brand.name)));
  let shape = $state<IconShape>(untrack(() => icon?.shape ?? 'rounded'));
  let ground = $state(untrack(() => icon?.ground ?? bench.brand.swatches[0]?.hex ?? '#000000'));

  async function make() {
    const body = of === 'initials' ? { initials: letters.trim(), ground, shape } : { of, ground, shape };
    if (await doing.do(() => bench.logos.set('icon', body))) {
      bench.say('The icon is made, in six sizes.', true);
      onmade();
    }
  }
</script>

<form
  onsubmit={(event) => {
    event.preventDefault();
    void make();
  }}
>
  <label>
    Made of
    <select bind:value={of}>
      {#each marks as form (form)}
        <option value={form}>the {formName(form)}</option>
      {/each}
      <option value="initials">initials</option>
    </select>
  </label>
  {#if of === 'initials'}
    <div class="letters"><TextField label="Letters, up to three" bind:value={letters} maxlength={6} /></div>
    <p class="small">
      Set in {(bench.brand.type.logo ?? bench.brand.type.heading).family}; choose another face in Type.
    </p>
  {/if}
  <fieldset>
    <legend>On the ground</legend>
    {#each bench.brand.swatches as swatch (swatch.id)}
      <label class="ground" style:--color={swatch.hex} title={swatch.name}>
        <input type="radio" name="ground" value={swatch.hex} bind:group={ground} />
        <span class="visually-hidden">{swatch.name}, {swatch.hex.slice(1)}</span>
      </label>
    {/each}
  </fieldset>
  <Segments label="Shape" options={SHAPES} value={shape} onchange={(value) => (shape = value)} />
  <Button look="main" type="submit">Make the icon</Button>
</form>
<Complaint text={doing.problem} />

<style>
  form {
    display: grid;
    gap: 10px;
    justify-items: start;
  }

  .letters {
    width: 180px;
  }

  fieldset {
    border: 0;
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
  }

  legend {
    margin-bottom: 4px;
  }

  .ground {
    position: relative;
    width: 34px;
    height: 34px;
    border: var(--hairline);
    background: var(--color);
  }

  .ground input {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    margin: 0;
    opacity: 0;
  }

  .ground:has(input:checked) {
    outline: 3px solid var(--ink);
    outline-offset: 1px;
  }

  .ground:has(input:focus-visible) {
    outline: 3px solid var(--ink);
    outline-offset: 1px;
    box-shadow: 0 0 0 6px var(--paper);
  }

  .small {
    font-size: var(--size-small);
  }
</style>
