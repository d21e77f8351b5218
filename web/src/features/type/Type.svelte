<script lang="ts">
  import type { TypeRole } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import { Resource } from '../../bench/resource.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import StationTitle from '../../ui/StationTitle.svelte';
  import { typeRoleName } from '../../words/type';
  import ChooseFonts from './ChooseFonts.svelte';
  import FacesAtHand from './FacesAtHand.svelte';
  import Pairs from './Pairs.svelte';
  import ScaleAndLanguages from './ScaleAndLanguages.svelte';
  import { remarkWords, ROLES } from './type';
  import TypeRow from './TypeRow.svelte';
  import WhichFont from './WhichFont.svelte';

  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  let chosen = $state<TypeRole>('heading');
  let proposing = $state(false);
  let asking = $state(false);

  const type = $derived(bench.brand.type);
  const roles = $derived(ROLES.filter((role) => role !== 'logo' || type.logo));
  const station = new Resource(() => ({
    key: `${bench.kept.stored?.revision} ${bench.faces.fonts.length}`,
    ask: (signal) => bench.type.station(signal),
  }));
  const pictures = $derived(bench.sheet.sources.filter(({ width }) => width !== undefined));

  $effect(() => {
    if (chosen === 'logo' && !type.logo) {
      chosen = 'heading';
    }
  });

  /** Begins as the heading is set. */
  function giveLogoFace() {
    void doing.do(async () => {
      await bench.type.set('logo', { family: type.heading.family });
      chosen = 'logo';
      bench.say('The logo has a face of its own now; choose it among the faces at hand.', true);
    });
  }
</script>

<StationTitle name="Type" hint="Set large in themselves; what others will see instead stands beside.">
  <ChooseFonts />
</StationTitle>

<Complaint text={station.problem} />
{#each roles as role (role)}
  {@const lettering = type[role]}
  {#if lettering}
    <TypeRow
      {role}
      {lettering}
      told={station.value?.[role]}
      heading={station.value?.heading}
      chosen={chosen === role}
      onchoose={() => (chosen = role)}
    />
  {/if}
{/each}

<div class="more">
  <ScaleAndLanguages />
  {#if !type.logo}
    <Button look="quiet" onclick={giveLogoFace}>A face for the logo alone</Button>
  {/if}
</div>

{#if station.value && station.value.remarks.length > 0}
  <ul aria-label="Remarks">
    {#each station.value.remarks as remark, index (index)}
      <li data-remark={remark.kind}>{remarkWords(remark)}</li>
    {/each}
  </ul>
{/if}

{#if proposing}
  <Pairs onclose={() => (proposing = false)} />
{/if}
<FacesAtHand role={chosen} family={type[chosen]?.family ?? ''} roleName={typeRoleName(chosen)}>
  <Button look="quiet" onclick={() => (proposing = !proposing)}>Propose a pair</Button>
  <Button
    look="quiet"
    disabled={pictures.length === 0}
    title={pictures.length === 0 ? 'A picture with letters in it is needed on the sheet' : undefined}
    onclick={() => (asking = true)}>Which font is in this logo?</Button
  >
</FacesAtHand>
{#if asking}
  <WhichFont role={chosen} onclose={() => (asking = false)} />
{/if}

<style>
  .more {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 20px;
    align-items: center;
    padding: 8px 0;
    border-top: var(--rule);
  }

  ul {
    display: grid;
    gap: 4px;
    margin-bottom: 8px;
  }

  li {
    padding: 2px 10px;
    border-left: 4px solid var(--ink);
    background: var(--paper);
  }

  li[data-remark='shared-x-height'] {
    border-left-color: var(--hair);
  }
</style>
