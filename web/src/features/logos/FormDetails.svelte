<script lang="ts">
  import { isPicture, type FormName, type LogoForm } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import EditableText from '../../ui/EditableText.svelte';
  import { formName, useOf } from '../../words/logos';
  import ChooseLogo from './ChooseLogo.svelte';
  import ClearSpace from './ClearSpace.svelte';
  import CutSymbol from './CutSymbol.svelte';
  import LeaveOut from './LeaveOut.svelte';
  import { capital, MAKES } from './logos';
  import MakeIcon from './MakeIcon.svelte';
  import Versions from './Versions.svelte';

  interface Props {
    form: FormName;
    /** As it is; nothing: there is none yet. */
    told?: LogoForm | undefined;
    primary?: LogoForm | undefined;
    /** The icon is to be made of initials. */
    initials?: boolean;
    onclose: () => void;
  }

  const { form, told, primary, initials = false, onclose }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  let making = $state(false);

  const name = $derived(capital(formName(form)));
  const pictures = $derived(bench.sheet.sources.filter(isPicture));
  const makes = $derived(making || !told || initials);

  function drop() {
    void doing.do(async () => {
      await bench.logos.drop(form);
      onclose();
      bench.say(`${name} dropped, with what was made of it.`, true);
    });
  }

  function trim(trimmed: boolean) {
    const sourceId = told?.source;
    if (sourceId) {
      void doing.do(() => bench.logos.set(form, { sourceId, trimmed }));
    }
  }
</script>

<section aria-label={name}>
  <header>
    <h2>{name}</h2>
    <span></span>
    <Button look="quiet" onclick={onclose}>Back to the grounds</Button>
  </header>
  {#if makes && form === 'short' && primary}
    <LeaveOut {primary} onmade={onclose} />
  {:else if makes && form === 'submark' && primary}
    <CutSymbol {primary} onmade={onclose} />
  {:else if makes && form === 'icon'}
    <MakeIcon icon={told} {initials} onmade={onclose} />
  {/if}
  {#if told}
    <div class="ways">
      {#if !makes && MAKES[form] && (primary || form === 'icon')}
        <Button look="plain" onclick={() => (making = true)}
          >{told.way === 'file' ? MAKES[form] : 'Make it otherwise'}</Button
        >
      {/if}
      <ChooseLogo {form} look="quiet">Another file</ChooseLogo>
      {#if pictures.length > 0}
        <select
          aria-label="A picture of the sheet as {name}"
          value=""
          onchange={(event) => {
            const source = pictures.find(({ id }) => id === event.currentTarget.value);
            if (source) {
              void doing.do(() => bench.takeLogo(source, form));
            }
          }}
        >
          <option value="">from the sheet…</option>
          {#each pictures as source (source.id)}<option value={source.id}>{source.name}</option>{/each}
        </select>
      {/if}
      {#if told.way === 'file'}
        <label
          ><input
            type="checkbox"
            checked={told.trimmed}
            onchange={(event) => trim(event.currentTarget.checked)}
          /> trim empty margins</label
        >
      {/if}
      <Button look="quiet" onclick={drop}>Drop it</Button>
    </div>
    {#if !told.problem}
      <h3>Room and least size</h3>
      <ClearSpace form={told} />
      <h3>Versions</h3>
      <Versions form={told} />
      <h3>Where it is used</h3>
      <EditableText
        label="Where the {formName(form)} is used"
        value={useOf(told)}
        maxlength={200}
        onsave={(use) => bench.logos.sayUse(form, use)}
      />
    {/if}
  {/if}
  <Complaint text={doing.problem} />
</section>

<style>
  section {
    padding: 0 0 16px;
  }

  header {
    display: flex;
    align-items: center;
    padding-bottom: 4px;
  }

  header span {
    flex: 1;
  }

  h2 {
    font-size: var(--size-lead);
  }

  h3 {
    margin: 12px 0 6px;
    padding-top: 6px;
    border-top: var(--rule);
    font-size: var(--size-body);
  }

  .ways {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 14px;
    align-items: center;
    margin: 8px 0;
  }

  select {
    max-width: 150px;
  }
</style>
