<script lang="ts">
  import type { Role } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Complaint from '../../ui/Complaint.svelte';

  const bench = useBench();
  const doing = new Doing();

  const PARTS = [
    { key: 'main', role: 'main', name: 'main' },
    { key: 'secondary', role: 'secondary', name: 'secondary' },
    { key: 'highlight', role: 'highlight', name: 'highlight' },
  ] as const satisfies readonly { key: string; role: Role; name: string }[];

  /** What somebody is typing, until it is whole. */
  let typed = $state<Partial<Record<(typeof PARTS)[number]['key'], number>>>({});

  const kept = $derived(bench.brand.roles.proportion);
  const shares = $derived({ ...kept, ...typed });

  function colorsOf(role: Role): string[] {
    const ids = bench.roles.holders(role);
    return bench.brand.swatches.filter(({ id }) => ids.includes(id)).map(({ hex }) => hex);
  }

  async function set(key: (typeof PARTS)[number]['key'], value: number) {
    typed = { ...typed, [key]: value };
    const whole = { ...kept, ...typed };
    const sum = whole.main + whole.secondary + whole.highlight;
    if (sum !== 100) {
      doing.say(`Together they are ${sum} %; it must be 100 %.`);
      return;
    }
    await doing.do(async () => {
      await bench.roles.setProportion(whole);
      typed = {};
    });
  }
</script>

<section aria-label="Proportion">
  <svg viewBox="0 0 100 8" preserveAspectRatio="none" aria-hidden="true">
    {#each PARTS as part, index (part.key)}
      {@const start = PARTS.slice(0, index).reduce((sum, { key }) => sum + kept[key], 0)}
      {@const colors = colorsOf(part.role)}
      {#each colors as color, place (place)}
        <rect
          x={start + (kept[part.key] * place) / colors.length}
          y="0"
          width={kept[part.key] / colors.length}
          height="8"
          fill={color}
        />
      {/each}
    {/each}
  </svg>
  <div>
    {#each PARTS as part (part.key)}
      <label>
        {part.name}
        <input
          type="number"
          min="0"
          max="100"
          value={shares[part.key]}
          aria-label="Share of {part.name}, percent"
          onchange={(event) => set(part.key, event.currentTarget.valueAsNumber)}
        />
        %
      </label>
    {/each}
    <span>how much of a page they take; 60 / 30 / 10 is common</span>
  </div>
  <Complaint text={doing.problem} />
</section>

<style>
  section {
    display: grid;
    gap: 6px;
    margin-bottom: 10px;
  }

  svg {
    width: 100%;
    height: 28px;
    border: var(--hairline);
    background: var(--paper);
  }

  div {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 16px;
    align-items: center;
  }

  input {
    width: 52px;
    min-height: 28px;
    padding: 2px 4px;
    border: var(--rule);
    background: var(--paper);
  }

  span {
    color: var(--ink-2);
    font-size: var(--size-small);
  }
</style>
