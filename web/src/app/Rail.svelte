<script lang="ts">
  import { useBench } from '../bench/bench.svelte';
  import { addressOf } from '../bench/route.svelte';
  import { STATIONS, type Station } from '../bench/stations';

  interface Props {
    station: Station;
  }

  const { station }: Props = $props();
  const bench = useBench();

  const states: Record<Station, string> = $derived({
    gather: counted(bench.sheet.sources.length, 'source'),
    palette: counted(bench.brand.swatches.length, 'swatch', 'swatches'),
    roles: rolesState(),
    theme: themeState(),
    contrast: contrastState(),
    type: typeState(),
    logos: counted(bench.brand.logos.forms.length, 'form'),
    guide: bench.brand.swatches.length === 0 ? 'needs colours' : 'as it will print',
    handover: bench.theme.slots.every((slot) => slot.hex) ? 'ready' : 'needs a theme',
    existing: counted(bench.existing.newest.length, 'file'),
  });

  function counted(count: number, one: string, many = `${one}s`): string {
    return count === 0 ? `no ${many} yet` : `${count} ${count === 1 ? one : many}`;
  }

  function rolesState(): string {
    const { roles, contradictions } = bench.brand.roles;
    if (contradictions.length > 0) {
      return counted(contradictions.length, 'to look at', 'to look at');
    }
    const given = roles.filter(({ role, swatches }) => swatches.length > 0 && !role.endsWith('off-limits'));
    return given.length === 0 ? 'not given yet' : `${given.length} given`;
  }

  function typeState(): string {
    const { heading, subheading, body, logo } = bench.brand.type;
    const families = new Set(
      [heading, subheading, body, ...(logo ? [logo] : [])].map(({ family }) => family),
    );
    return counted(families.size, 'face');
  }

  function contrastState(): string {
    const { toLookAt } = bench.theme;
    if (bench.brand.swatches.length === 0) {
      return 'no swatches yet';
    }
    return toLookAt === 0 ? 'nothing fails' : `${toLookAt} in use ${toLookAt === 1 ? 'fails' : 'fail'}`;
  }

  function themeState(): string {
    const empty = bench.theme.slots.filter((slot) => !slot.hex).length;
    if (empty === 0) {
      return bench.brand.themes.length > 1 ? `${bench.brand.themes.length} themes` : '12 slots set';
    }
    return empty === 12 ? 'not set yet' : `${empty} to set`;
  }
</script>

<nav aria-label="Stations">
  {#each STATIONS as { key, number, name } (key)}
    <a
      href={addressOf(bench.id, key)}
      onclick={() => (bench.kept.notice = undefined)}
      aria-current={key === station ? 'page' : undefined}
      data-station={key}
    >
      <b aria-hidden="true">{number}</b>
      <span>{name}</span>
      <em>{states[key]}</em>
    </a>
  {/each}
</nav>

<style>
  nav {
    grid-area: rail;
    display: flex;
    flex-direction: column;
    padding-top: 8px;
    border-right: var(--rule);
  }

  a {
    display: grid;
    grid-template-columns: 22px 1fr;
    padding: 5px 8px 6px 14px;
    line-height: 18px;
    text-decoration: none;
  }

  b {
    font: 500 var(--size-small) / 18px var(--code);
  }

  span {
    font-weight: 600;
  }

  em {
    grid-column: 2;
    color: var(--ink-2);
    font-size: var(--size-small);
    font-style: normal;
    line-height: 14px;
  }

  a:hover {
    background: var(--board);
  }

  a[aria-current] {
    margin-right: -1.5px;
    background: var(--ink);
    color: var(--paper);
  }

  a[aria-current] em {
    color: var(--bench);
  }

  a:focus-visible {
    outline-offset: -3px;
    box-shadow: inset 0 0 0 4px var(--paper);
  }

  a[data-station='existing'] {
    margin-top: 16px;
    padding-top: 8px;
    border-top: var(--rule);
  }

  @media (max-width: 899px) {
    nav {
      flex-flow: row wrap;
      border: 0;
      border-bottom: var(--rule);
    }
  }
</style>
