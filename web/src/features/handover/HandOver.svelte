<script lang="ts">
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import { Resource } from '../../bench/resource.svelte';
  import type { Item } from '../../api/types';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import EditableText from '../../ui/EditableText.svelte';
  import StationTitle from '../../ui/StationTitle.svelte';
  import BackgroundPreview from './BackgroundPreview.svelte';
  import BackgroundSize from './BackgroundSize.svelte';
  import CodesPreview from './CodesPreview.svelte';
  import GuidePreview from './GuidePreview.svelte';
  import HandedOverLog from './HandedOverLog.svelte';
  import IconPreview from './IconPreview.svelte';
  import ItemRow from './ItemRow.svelte';
  import LayoutThumb from './LayoutThumb.svelte';
  import LogoPreview from './LogoPreview.svelte';
  import MakeParcel from './MakeParcel.svelte';
  import OpenPoints from './OpenPoints.svelte';
  import PagePreview from './PagePreview.svelte';
  import PlacesOfUse from './PlacesOfUse.svelte';
  import SheetPreview from './SheetPreview.svelte';
  import TemplateDialog from './TemplateDialog.svelte';
  import ThemePreview from './ThemePreview.svelte';

  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  const AUDIENCES = [
    { key: 'people', name: 'For people' },
    { key: 'office', name: 'For slides, letters and sheets' },
    { key: 'sites', name: 'For sites, mail and everything else' },
  ] as const;

  let chosenTheme = $state<string>();
  /** By id whether an item goes in, where somebody has said so. */
  let choice = $state<Record<string, boolean>>({});
  let looking = $state(false);
  let made = $state(0);

  /** What is made: the first theme, until somebody wants another one. */
  const theme = $derived(
    bench.brand.themes.find(({ id }) => id === chosenTheme) ?? bench.brand.themes[0] ?? bench.theme,
  );
  const complete = $derived(theme.slots.every((slot) => slot.hex));
  /** What is in the way of each is asked anew whenever the brand has a new revision. */
  const key = $derived(`${theme.id} ${bench.brand.revision}`);

  const listed = new Resource(() => ({ key, ask: (signal) => bench.handover.items(theme.id, signal) }));
  const points = new Resource(() => ({ key, ask: (signal) => bench.handover.openPoints(theme.id, signal) }));
  const layouts = new Resource(() =>
    complete ? { key, ask: (signal) => bench.handover.layouts(theme.id, 'wide', signal) } : undefined,
  );
  const guide = new Resource(() => ({ key, ask: (signal) => bench.guide.read(theme.id, false, signal) }));
  const log = new Resource(() => ({
    key: `${made}`,
    ask: (signal) => bench.handover.handedOver(signal),
  }));

  const items = $derived(listed.value ?? []);
  const chosen = $derived(items.filter(isChosen));
  const count = $derived(
    chosen.flatMap((item) => item.files).filter(({ unfilled, missing }) => unfilled.length === 0 && !missing)
      .length,
  );

  function isChosen({ id, usual }: Item): boolean {
    return choice[id] ?? usual;
  }

  async function takeProposedCode() {
    await doing.do(async () => {
      await bench.setShortCode(bench.brand.proposedShortCode);
    });
  }
</script>

<StationTitle name="Hand over">
  <span class="code">
    Colours are named with
    <span class="field">
      <EditableText
        label="Short code"
        value={bench.brand.shortCode ?? ''}
        mono
        maxlength={8}
        onsave={(code) => bench.setShortCode(code.toUpperCase() || undefined)}
      />
    </span>
    in front
    {#if !bench.brand.shortCode && bench.brand.proposedShortCode}
      <Button onclick={takeProposedCode}>Use {bench.brand.proposedShortCode}</Button>
    {/if}
  </span>
  {#if bench.brand.themes.length > 1}
    <label class="theme">
      In the theme
      <select
        aria-label="In which theme"
        value={theme.id}
        onchange={(event) => (chosenTheme = event.currentTarget.value)}
      >
        {#each bench.brand.themes as { id, name }, index (id)}
          <option value={id}>{name}{index === 0 ? ', handed over first' : ''}</option>
        {/each}
      </select>
    </label>
  {/if}
</StationTitle>

<div class="columns">
  <div aria-busy={listed.slow}>
    <Complaint text={listed.problem} />
    {#each AUDIENCES as audience (audience.key)}
      <section>
        <h2>{audience.name}</h2>
        <ul>
          {#each items.filter((item) => item.audience === audience.key) as item (item.id)}
            <ItemRow
              {item}
              {theme}
              chosen={isChosen(item)}
              onchoose={(there) => (choice[item.id] = there)}
              more={item.id === 'presentation'
                ? lookAtLayouts
                : item.id === 'backgrounds'
                  ? backgroundSize
                  : undefined}
            >
              {#snippet preview()}
                {#if item.audience === 'people' && guide.value?.pages[0]}
                  <GuidePreview page={guide.value.pages[0]} />
                {:else if item.id === 'presentation' && layouts.value?.[0]}
                  <LayoutThumb layout={layouts.value[0]} specimen={theme.specimen} />
                {:else if item.id === 'specimen-slides' && layouts.value?.[1]}
                  <LayoutThumb layout={layouts.value[1]} specimen={theme.specimen} />
                {:else if item.id === 'documents' || item.id === 'opendocument'}
                  <PagePreview specimen={theme.specimen} />
                {:else if item.id === 'workbook'}
                  <SheetPreview specimen={theme.specimen} />
                {:else if item.id === 'theme'}
                  <ThemePreview {theme} />
                {:else if item.id === 'codes' || item.id === 'swatches'}
                  <CodesPreview sheet={item.id === 'swatches'} />
                {:else if item.id === 'backgrounds'}
                  <BackgroundPreview title={layouts.value?.[0]} otherwise={theme.specimen.lead} />
                {:else if item.id === 'logos'}
                  <LogoPreview />
                {:else if item.id === 'icons'}
                  <IconPreview />
                {/if}
              {/snippet}
            </ItemRow>
          {/each}
        </ul>
      </section>
    {/each}
  </div>

  <aside>
    <section>
      <h2>Before it goes out</h2>
      <Complaint text={points.problem} />
      <div aria-busy={points.slow}>
        {#if points.value}<OpenPoints points={points.value} />{/if}
      </div>
      <MakeParcel theme={theme.id} items={chosen.map(({ id }) => id)} {count} onmade={() => (made += 1)} />
    </section>
    <section>
      <h2>Handed over</h2>
      <Complaint text={log.problem} />
      <ul>
        {#each log.value ?? [] as entry, index (entry.id)}
          <HandedOverLog {entry} latest={index === 0} />
        {:else}
          <li class="none">Nothing yet.</li>
        {/each}
      </ul>
    </section>
    <section>
      <h2>Where the brand is set up</h2>
      <PlacesOfUse />
    </section>
  </aside>
</div>

{#snippet lookAtLayouts()}
  <Button look="quiet" onclick={() => (looking = true)}>Look at all layouts</Button>
{/snippet}

{#snippet backgroundSize()}
  <BackgroundSize theme={theme.id} />
{/snippet}

{#if looking}
  <TemplateDialog {theme} onclose={() => (looking = false)} />
{/if}

<style>
  .code,
  .theme {
    display: flex;
    gap: 8px;
    align-items: center;
    font-size: var(--size-small);
  }

  .field {
    width: 72px;
  }

  .columns {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 240px;
    gap: 20px;
    align-items: start;
  }

  ul {
    list-style: none;
  }

  section {
    margin-bottom: 12px;
    border-top: var(--rule);
  }

  h2 {
    padding: 5px 0;
    font-size: var(--size-small);
    line-height: 18px;
  }

  .none {
    padding: 4px 0;
    color: var(--ink-2);
    font-size: var(--size-small);
  }
</style>
