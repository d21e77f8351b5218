<script lang="ts">
  import type { Brand, RoleOfType, StandIn, TypeRole } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { setIn } from '../../words/lettering';
  import { typeRoleName } from '../../words/type';
  import LetteringControls from './LetteringControls.svelte';
  import OneOverTheOther from './OneOverTheOther.svelte';
  import StandIns from './StandIns.svelte';
  import { SAMPLES } from './type';

  interface Props {
    role: TypeRole;
    lettering: Brand['type']['heading'];
    /** What others will see; nothing until it is known. */
    told: RoleOfType | undefined;
    /** The same of the heading. */
    heading: RoleOfType | undefined;
    /** Whether a face at hand is set for this role. */
    chosen: boolean;
    onchoose: () => void;
  }

  const { role, lettering, told, heading, chosen, onchoose }: Props = $props();
  const bench = useBench();

  let compared = $state.raw<StandIn>();

  const name = $derived(typeRoleName(role));
  const ink = $derived(role === 'logo' ? bench.specimen.heading.color : bench.specimen[role].color);
  const sample = $derived(role === 'logo' ? bench.brand.name : SAMPLES[role]);
  /** As on slides, as far as there is room. */
  const size = $derived(Math.min(44, Math.max(15, lettering.sizes.slides * 0.9)));
  const sizes = $derived(
    `${lettering.sizes.slides} / ${lettering.sizes.letters} pt / ${lettering.sizes.site} px`,
  );
  const styled = $derived(
    [
      lettering.weight === 400 ? 'regular' : lettering.weight === 700 ? 'bold' : String(lettering.weight),
      ...(lettering.italic ? ['italic'] : []),
      lettering.capitals === 'all-capitals' ? 'in capitals' : 'as written',
    ].join(', '),
  );
</script>

<section aria-label={name} class:chosen>
  <div class="said">
    <h2>
      <button type="button" aria-pressed={chosen} onclick={onchoose}>{name}</button>
    </h2>
    <b>{lettering.family}</b>
    <span>{styled}</span>
    <span class="sizes" title="on slides / in letters / on sites">{sizes}</span>
  </div>
  <div
    class="sample"
    inert
    data-sample={role}
    style:background={bench.specimen.page1}
    style:color={ink}
    style:--size="{size}px"
  >
    {#if compared}
      <OneOverTheOther {lettering} {ink} standIn={compared} text={sample} size={Math.min(size, 26)} />
    {:else}
      <p style={setIn({ ...lettering, color: ink })}>{sample}</p>
    {/if}
  </div>
  <StandIns {role} {told} {heading} {compared} oncompare={(standIn) => (compared = standIn)} />
  {#if chosen}
    <LetteringControls {role} {lettering} />
  {/if}
</section>

<style>
  section {
    display: grid;
    grid-template-columns: 122px minmax(0, 1fr) 226px;
    gap: 8px 14px;
    padding: 9px 0;
    border-top: var(--rule);
  }

  .said {
    display: grid;
    align-content: start;
    line-height: 17px;
  }

  h2 {
    font-size: var(--size-lead);
    line-height: 20px;
  }

  h2 button {
    padding: 0 4px;
    margin-left: -4px;
    font-weight: 700;
    text-align: start;
  }

  h2 button[aria-pressed='true'] {
    background: var(--ink);
    color: var(--paper);
  }

  .said span {
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  .sample {
    display: grid;
    align-content: center;
    min-height: 92px;
    padding: 8px 14px;
    overflow: hidden;
  }

  .sample p {
    font-size: var(--size);
    line-height: 1.2;
    overflow-wrap: anywhere;
  }

  @media (max-width: 899px) {
    section {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
