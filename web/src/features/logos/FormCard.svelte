<script lang="ts">
  import type { FormName, LogoForm } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import { FileDrop } from '../../ui/filedrop.svelte';
  import { formName, originWords, useOf } from '../../words/logos';
  import ChooseLogo from './ChooseLogo.svelte';
  import { capital, MAKES } from './logos';

  interface Props {
    form: FormName;
    /** As it is; nothing: the logo does not come in it yet. */
    told?: LogoForm | undefined;
    open: boolean;
    onopen: () => void;
  }

  const { form, told, open, onopen }: Props = $props();
  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  const name = $derived(capital(formName(form)));

  const files = new FileDrop((dropped) => void doing.do(() => bench.takeLogos(dropped, form)));
</script>

<li
  data-form={form}
  class:over={files.over}
  class:missing={!bench.logos.has(form)}
  ondragenter={files.enter}
  ondragover={files.enter}
  ondragleave={files.leave}
  ondrop={files.drop}
>
  {#if bench.logos.has(form)}
    <button type="button" aria-pressed={open} onclick={onopen}>
      <span class="paper"><img src={bench.logos.picture(form, 'light', 400)} alt="" /></span>
      <b>{name}</b>
    </button>
    <div class="told">
      {#if told?.problem}
        <p class="problem">{told.problem}</p>
      {:else if told}
        <p>
          {originWords(told)}; not under {Math.round(told.millimetres * 10) / 10} mm or {told.pixels} px
        </p>
        <p class="use">{useOf(told)}</p>
      {/if}
    </div>
  {:else}
    <b>{name}</b>
    <div class="ways">
      {#if MAKES[form] && (bench.logos.has('primary') || form === 'icon')}
        <Button look="quiet" aria-pressed={open} onclick={onopen}>{MAKES[form]}</Button>
      {/if}
      <ChooseLogo {form} look="quiet"
        >Choose a file<span class="visually-hidden">&nbsp;for the {name}</span></ChooseLogo
      >
    </div>
  {/if}
</li>

<style>
  li {
    padding: 6px 0 10px;
    border-top: var(--rule);
  }

  li.missing {
    border-top-style: dashed;
  }

  .over {
    outline: 3px solid var(--ink);
  }

  button {
    display: block;
    width: 100%;
    text-align: left;
  }

  .paper {
    display: grid;
    place-items: center;
    height: 64px;
    margin-bottom: 2px;
    padding: 8px;
    border: var(--hairline);
    background: var(--paper);
  }

  button[aria-pressed='true'] .paper {
    outline: 3px solid var(--ink);
  }

  button:hover b {
    text-decoration: underline;
    text-underline-offset: 3px;
  }

  img {
    max-width: 100%;
    max-height: 46px;
  }

  p {
    color: var(--ink-2);
    font-size: var(--size-small);
    line-height: 15px;
  }

  /* The words take a moment to come; nothing moves when they do. */
  .told {
    min-height: 60px;
  }

  .use {
    color: var(--ink);
  }

  .problem {
    padding: 2px 6px;
    border-left: 4px solid var(--ink);
    background: var(--paper);
    color: var(--ink);
  }

  .ways {
    display: flex;
    flex-wrap: wrap;
    gap: 0 10px;
  }
</style>
