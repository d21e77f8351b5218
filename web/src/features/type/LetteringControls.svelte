<script lang="ts">
  import type { Brand, LetteringRequest, Role, TypeRole } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import { roleName } from '../../words/roles';
  import { typeRoleName } from '../../words/type';

  interface Props {
    role: TypeRole;
    lettering: Brand['type']['heading'];
  }

  const { role, lettering }: Props = $props();
  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  const COLORS: readonly Role[] = ['text', 'main', 'secondary', 'highlight', 'text-on-dark'];
  const SIZES = [
    { key: 'slides', name: 'on slides', unit: 'pt' },
    { key: 'letters', name: 'in letters', unit: 'pt' },
    { key: 'site', name: 'on sites', unit: 'px' },
  ] as const;

  const name = $derived(typeRoleName(role));
  const weights = $derived(
    [
      ...new Set([
        ...(bench.faces.family(lettering.family)?.faces ?? []).map(({ weight }) => weight),
        lettering.weight,
      ]),
    ].sort((one, other) => one - other),
  );

  function set(body: LetteringRequest) {
    void doing.do(() => bench.type.set(role, body));
  }

  function setSize(key: 'slides' | 'letters' | 'site', size: number) {
    if (Number.isFinite(size)) {
      set({ sizes: { ...lettering.sizes, [key]: size } });
    }
  }
</script>

<div class="controls" role="group" aria-label="{name} set">
  <label>
    weight
    <select
      value={String(lettering.weight)}
      onchange={(event) => set({ weight: Number(event.currentTarget.value) })}
    >
      {#each weights as weight (weight)}<option value={String(weight)}>{weight}</option>{/each}
    </select>
  </label>
  <label>
    <input
      type="checkbox"
      checked={lettering.italic}
      onchange={(event) => set({ italic: event.currentTarget.checked })}
    /> italic
  </label>
  <label>
    <input
      type="checkbox"
      checked={lettering.capitals === 'all-capitals'}
      onchange={(event) => set({ capitals: event.currentTarget.checked ? 'all-capitals' : 'as-written' })}
    /> capitals
  </label>
  <label>
    tracking
    <input
      type="number"
      aria-label="tracking, thousandths of an em"
      min="-100"
      max="500"
      step="5"
      value={lettering.tracking}
      onchange={(event) => set({ tracking: event.currentTarget.valueAsNumber || 0 })}
    /> ‰
  </label>
  <label>
    colour of
    <select
      value={lettering.color ?? 'text'}
      onchange={(event) => set({ color: event.currentTarget.value as Role })}
    >
      {#each COLORS as color (color)}<option value={color}>{roleName(color)}</option>{/each}
    </select>
  </label>
  <span>
    sizes
    {#each SIZES as { key, name: where, unit } (key)}
      <input
        type="number"
        min="4"
        max="400"
        step="0.5"
        aria-label="{name} {where}, {unit}"
        title={where}
        value={lettering.sizes[key]}
        onchange={(event) => setSize(key, event.currentTarget.valueAsNumber)}
      />{unit}
    {/each}
  </span>
  {#if role === 'logo'}
    <Button look="quiet" onclick={() => doing.do(() => bench.type.dropLogoFace())}>As the heading</Button>
  {/if}
</div>

<style>
  .controls {
    grid-column: 1 / -1;
    display: flex;
    flex-wrap: wrap;
    gap: 6px 12px;
    align-items: center;
    font-size: var(--size-small);
  }

  label,
  span {
    display: flex;
    gap: 4px;
    align-items: center;
  }

  input[type='number'] {
    width: 46px;
    min-height: 28px;
    padding: 2px 4px;
    border: var(--rule);
    background: var(--paper);
    font: 400 var(--size-small) / 16px var(--code);
  }

  select {
    min-height: 28px;
    font-size: var(--size-small);
  }
</style>
