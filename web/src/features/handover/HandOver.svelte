<script lang="ts">
  import { messageOf } from '../../api/problem';
  import { useBench } from '../../app/bench.svelte';
  import { addressOf } from '../../app/route.svelte';
  import Button from '../../ui/Button.svelte';
  import EditableText from '../../ui/EditableText.svelte';
  import StationTitle from '../../ui/StationTitle.svelte';
  import { slotName } from '../theme/slots';
  import Delivery from './Delivery.svelte';
  import TemplatePreview from './TemplatePreview.svelte';
  import TextPreview from './TextPreview.svelte';

  const bench = useBench();

  let chosen = $state<string>();

  /** What is made: the first theme, until somebody wants another one. */
  const theme = $derived(
    bench.brand.themes.find(({ id }) => id === chosen) ?? bench.brand.themes[0] ?? bench.theme,
  );
  const empty = $derived(theme.slots.filter((slot) => !slot.hex).map((slot) => slotName(slot.slot)));

  const blocked = $derived.by(() => {
    if (empty.length === 0) {
      return undefined;
    }
    return empty.length === theme.slots.length
      ? 'Needs a theme, and none of its twelve slots is set yet.'
      : `Needs all twelve theme slots; still empty: ${empty.join(', ')}.`;
  });

  async function takeProposedCode() {
    try {
      await bench.setShortCode(bench.brand.proposedShortCode);
    } catch (error) {
      bench.say(messageOf(error));
    }
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

<ul>
  <Delivery
    kind="presentation-wide"
    theme={theme.id}
    name="Presentation template"
    size="widescreen, 16:9"
    use="Open it: a new presentation begins with these colours and fonts. To make it the one that everything new starts with, save it as the standard template of your presentation program."
    {blocked}
    remedy={{ address: addressOf(bench.id, 'theme'), name: 'Fill them in Theme' }}
  >
    <TemplatePreview specimen={theme.specimen} name={bench.brand.name} />
  </Delivery>
  <Delivery
    kind="css"
    theme={theme.id}
    name="CSS custom properties"
    size="one stylesheet"
    use="For whoever keeps the website: put it before all other styles, and write var(--name) instead of a code."
  >
    <TextPreview kind="css" theme={theme.id} name="CSS custom properties" />
  </Delivery>
  <Delivery
    kind="text"
    theme={theme.id}
    name="Codes as text"
    size="one page"
    use="For every other place: print it, mail it, or paste codes from it."
  >
    <TextPreview kind="text" theme={theme.id} name="Codes as text" />
  </Delivery>
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
