<script lang="ts">
  import { logoFileOf } from '../../api/addresses';
  import { isPicture, type LogoForm, type LogoVersion } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import { versionName } from '../../words/logos';

  /** The versions of a form, each made by us until a picture is given for it. */
  interface Props {
    form: LogoForm;
  }

  const { form }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  const pictures = $derived(bench.sheet.sources.filter(isPicture));
  const { text1, page1 } = $derived(bench.specimen);
  const dark = $derived(bench.specimen.dark ? page1 : text1);
  const light = $derived(bench.specimen.dark ? text1 : page1);

  function groundOf(version: LogoVersion): string {
    return version === 'dark' || version === 'one-light' ? dark : light;
  }

  function give(version: LogoVersion, sourceId: string) {
    void doing.do(async () => {
      await bench.logos.setVersion(form.form, version, sourceId);
      bench.say(`That picture is the version ${versionName(version)} now.`, true);
    });
  }
</script>

<ul aria-label="Versions">
  {#each form.versions as { version, file } (version)}
    <li data-version={version}>
      <span class="ground" style:--ground={groundOf(version)}>
        <img src={bench.logos.picture(form.form, version, 400)} alt="" />
      </span>
      <span>
        <b>{versionName(version)}</b>
        {#if version === 'light'}
          the form itself
        {:else}
          {file ?? 'made by the program'}
        {/if}
        <span class="ways">
          {#if file}
            <Button look="quiet" onclick={() => doing.do(() => bench.logos.freeVersion(form.form, version))}
              >Make it again</Button
            >
          {:else if version !== 'light' && pictures.length > 0}
            <select
              aria-label="Own picture {versionName(version)}"
              value=""
              onchange={(event) => give(version, event.currentTarget.value)}
            >
              <option value="">own picture…</option>
              {#each pictures as source (source.id)}<option value={source.id}>{source.name}</option>{/each}
            </select>
          {/if}
          <a href={logoFileOf(bench.id, form.form, version)} download
            >SVG<span class="visually-hidden">&nbsp;{versionName(version)}</span></a
          >
        </span>
      </span>
    </li>
  {/each}
</ul>
<Complaint text={doing.problem} />

<style>
  ul {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 8px 16px;
  }

  li {
    display: grid;
    grid-template-columns: 108px 1fr;
    gap: 8px;
    font-size: var(--size-small);
    line-height: 16px;
  }

  .ground {
    display: grid;
    place-items: center;
    height: 64px;
    padding: 8px;
    border: var(--hairline);
    background: var(--ground);
  }

  img {
    max-width: 92px;
    max-height: 48px;
  }

  b {
    display: block;
  }

  .ways {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 8px;
    align-items: center;
  }

  select {
    max-width: 110px;
  }
</style>
