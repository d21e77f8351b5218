<script lang="ts">
  import { answered, api } from '../../api/client';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import { Resource } from '../../bench/resource.svelte';
  import { addressOf } from '../../bench/route.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import EditableText from '../../ui/EditableText.svelte';
  import StationTitle from '../../ui/StationTitle.svelte';
  import { formName } from '../../words/logos';
  import { slotName } from '../../words/slots';
  import Delivery from './Delivery.svelte';
  import IconPreview from './IconPreview.svelte';
  import LogoPreview from './LogoPreview.svelte';
  import { deliveryWords } from './kinds';
  import TemplatePreview from './TemplatePreview.svelte';
  import TextPreview from './TextPreview.svelte';

  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  let chosen = $state<string>();

  /** What is made: the first theme, until somebody wants another one. */
  const theme = $derived(
    bench.brand.themes.find(({ id }) => id === chosen) ?? bench.brand.themes[0] ?? bench.theme,
  );
  /** What is in the way of each is asked anew whenever the brand has a new revision. */
  const listed = new Resource(() => {
    const params = { path: { id: bench.id }, query: { theme: theme.id } };
    const revision = bench.brand.revision;
    return {
      key: `${theme.id} ${revision}`,
      ask: (signal) => answered(api.GET('/api/brands/{id}/deliveries', { params, signal })),
    };
  });

  function blockedBy(unfilled: readonly string[]): string | undefined {
    if (unfilled.length === 0) {
      return undefined;
    }
    return unfilled.length === theme.slots.length
      ? 'Needs a theme, and none of its twelve slots is set yet.'
      : `Needs all twelve theme slots; still empty: ${unfilled.map(slotName).join(', ')}.`;
  }

  async function takeProposedCode() {
    await doing.do(async () => {
      await bench.setShortCode(bench.brand.proposedShortCode);
    });
  }
</script>

<StationTitle name="Hand over">
  {#if bench.brand.themes.length > 1}
    <label class="theme">
      In the theme
      <select
        aria-label="In which theme"
        value={theme.id}
        onchange={(event) => (chosen = event.currentTarget.value)}
      >
        {#each bench.brand.themes as { id, name }, index (id)}
          <option value={id}>{name}{index === 0 ? ', handed over first' : ''}</option>
        {/each}
      </select>
    </label>
  {/if}
</StationTitle>

<div class="code">
  <span
    >The short code stands in front of every colour's name, so that it is found among other brands' colours.</span
  >
  <div class="field">
    <EditableText
      label="Short code"
      value={bench.brand.shortCode ?? ''}
      mono
      maxlength={8}
      onsave={(code) => bench.setShortCode(code.toUpperCase() || undefined)}
    />
  </div>
  {#if !bench.brand.shortCode && bench.brand.proposedShortCode}
    <Button onclick={takeProposedCode}>Use {bench.brand.proposedShortCode}</Button>
  {/if}
</div>

<Complaint text={listed.problem} />
<ul aria-busy={listed.slow}>
  {#each listed.value ?? [] as { kind, fileName, unfilled, missing } (kind)}
    {@const words = deliveryWords(kind, fileName)}
    <Delivery
      {kind}
      theme={theme.id}
      {words}
      blocked={missing ? `The logo has no ${formName(missing)} yet.` : blockedBy(unfilled)}
      remedy={missing
        ? { address: addressOf(bench.id, 'logos'), name: 'Make one in Logos' }
        : { address: addressOf(bench.id, 'theme'), name: 'Fill them in Theme' }}
    >
      {#if words.preview === 'template'}
        <TemplatePreview
          specimen={theme.specimen}
          name={bench.brand.name}
          standard={kind === 'presentation-standard'}
        />
      {:else if words.preview === 'logo' && !missing}
        <LogoPreview />
      {:else if words.preview === 'icon' && !missing}
        <IconPreview />
      {:else if words.preview === 'text'}
        <TextPreview {kind} theme={theme.id} name={words.name} />
      {/if}
    </Delivery>
  {/each}
</ul>

<style>
  .code {
    display: flex;
    gap: 12px;
    align-items: center;
    padding-bottom: 12px;
    border-bottom: var(--rule);
  }

  .code span {
    flex: 1;
  }

  .theme {
    display: flex;
    gap: 8px;
    align-items: center;
    font-weight: 600;
  }

  .field {
    width: 96px;
  }
</style>
