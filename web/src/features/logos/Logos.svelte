<script lang="ts">
  import type { FormName } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import { Resource } from '../../bench/resource.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import StationTitle from '../../ui/StationTitle.svelte';
  import { FORM_NAMES, formName } from '../../words/logos';
  import ByGround from './ByGround.svelte';
  import ChooseLogo from './ChooseLogo.svelte';
  import Elements from './Elements.svelte';
  import FirstLogo from './FirstLogo.svelte';
  import FormCard from './FormCard.svelte';
  import FormDetails from './FormDetails.svelte';

  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  /** The form that is worked on; nothing: the grounds are looked at. */
  let open = $state<FormName>();
  let initials = $state(false);

  const station = new Resource(() =>
    bench.brand.logos.forms.length === 0
      ? undefined
      : {
          key: `${bench.logos.key} ${bench.kept.stored?.revision}`,
          ask: (signal) => bench.logos.station(signal),
        },
  );
  const any = $derived((bench.kept.stored?.logos.forms.length ?? 0) > 0);

  function told(form: FormName) {
    return bench.logos.has(form) ? station.value?.find((one) => one.form === form) : undefined;
  }

  function work(form: FormName | undefined, withInitials = false) {
    open = form;
    initials = withInitials;
  }
</script>

<StationTitle name="Logos" hint="Every form on every ground; the one that reads is chosen by itself">
  {#if any}
    <Button look="quiet" onclick={() => work('icon', true)}>Icon from initials</Button>
    <ChooseLogo>Choose files</ChooseLogo>
  {/if}
</StationTitle>

{#if bench.logos.dropped}
  {@const dropped = bench.logos.dropped}
  <p class="dropped" role="status">
    {dropped.name} is on the sheet. Use it as
    {#each FORM_NAMES as form (form)}
      <Button look="quiet" onclick={() => doing.do(() => bench.takeLogo(dropped, form))}
        >{formName(form)}</Button
      >
    {/each}
    <Button look="quiet" onclick={() => (bench.logos.dropped = undefined)}>Leave it</Button>
  </p>
{/if}
<Complaint text={station.problem} />
<Complaint text={bench.intake.problems.join('\n') || undefined} />
<p class="status" role="status">
  {bench.intake.uploads.map(({ name }) => `Taking ${name} in…`).join(' ')}
</p>

{#if !any && !open}
  <FirstLogo oninitials={() => work('icon', true)} />
{:else}
  <div class="two">
    <ul aria-label="Forms">
      {#each FORM_NAMES as form (form)}
        <FormCard
          {form}
          told={told(form)}
          open={open === form}
          onopen={() => work(open === form ? undefined : form)}
        />
      {/each}
    </ul>
    <div>
      {#if open}
        {#key `${open} ${initials}`}
          <FormDetails
            form={open}
            told={told(open)}
            primary={told('primary')}
            {initials}
            onclose={() => work(undefined)}
          />
        {/key}
      {:else}
        <ByGround />
      {/if}
    </div>
  </div>
{/if}
<Elements />

<style>
  .two {
    /* What grows at the left moves nothing at the right. */
    overflow-anchor: none;
    display: grid;
    grid-template-columns: 200px minmax(0, 1fr);
    gap: 20px;
    align-items: start;
  }

  .status {
    min-height: 6px;
    font-size: var(--size-small);
  }

  .dropped {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 10px;
    align-items: center;
    margin-bottom: 8px;
    padding: 2px 10px;
    border: var(--rule);
    background: var(--paper);
  }

  @media (max-width: 899px) {
    .two {
      grid-template-columns: 1fr;
    }
  }
</style>
