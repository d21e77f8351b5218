<script lang="ts">
  import { SvelteSet } from 'svelte/reactivity';
  import type { Dress as Worn, DressWishes } from '../../api/addresses';
  import type { ExistingFile } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import { Resource } from '../../bench/resource.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import BeforeAfter from './BeforeAfter.svelte';
  import DressRow from './DressRow.svelte';
  import ManyFiles from './ManyFiles.svelte';
  import OneSheet from './OneSheet.svelte';
  import Told from './Told.svelte';

  interface Props {
    file: ExistingFile;
  }

  const { file }: Props = $props();
  const bench = useBench();
  const work = bench.existing;
  const doing = new Doing();

  /** By hex the slot that somebody wants instead. */
  let mapping = $state<Record<string, string>>({});
  const leftMasters = new SvelteSet<string>();
  let leftLogos = $state(false);
  let smallerHeadings = $state(false);
  let templateMaster = $state(false);
  let shownPage = $state<number>();
  let onOneSheet = $state(false);
  let many = $state(false);

  const wishes: DressWishes = $derived({
    mapping,
    leftMasters: [...leftMasters],
    leftLogos,
    smallerHeadings,
    templateMaster,
  });
  const worn: Worn = $derived({
    brand: bench.id,
    theme: bench.theme.id,
    revision: bench.brand.revision,
  });
  const plan = new Resource(() => ({
    key: JSON.stringify([file.id, worn, wishes]),
    ask: (signal: AbortSignal) => work.ask.plan(file.id, bench.theme.id, wishes, signal),
  }));

  /** The pages beside the table: the one that is asked for, and those where the colours occur most. */
  const pages = $derived(
    [
      shownPage,
      ...(plan.value?.colors ?? []).map(({ page }) => page),
      ...Array.from({ length: Math.min(4, file.pages) }, (unused, place) => place + 1),
    ]
      .filter((page): page is number => typeof page === 'number' && page <= file.pages)
      .filter((page, place, all) => all.indexOf(page) === place)
      .slice(0, 4),
  );

  function choose(hex: string, slot: string) {
    mapping = { ...mapping, [hex]: slot };
  }

  function dress() {
    void doing.once(async () => {
      await work.dress(file.id, bench.theme.id, wishes);
      work.task = 'check';
      bench.say(`${file.name} wears ${bench.theme.name}. The file as it came is kept.`, () => work.undo());
    });
  }
</script>

<div class="actions">
  <p>
    {#if plan.value}
      <b>{plan.value.colors.length} colours in this file</b> each, how often, and what it should be here
    {/if}
  </p>
  <Button look="quiet" onclick={() => (onOneSheet = true)}>
    {file.pages === 1 ? 'The page, before and after' : `All ${file.pages} on one sheet`}
  </Button>
  {#if work.choice.length > 1}
    <Button look="quiet" onclick={() => (many = true)}>Several files</Button>
  {/if}
  <Button look="main" disabled={!plan.value || doing.adding} onclick={dress}>Dress it</Button>
</div>
<Complaint text={doing.problem ?? plan.problem} />
{#if plan.value}
  <div class="two">
    <div>
      <table>
        <thead class="visually-hidden">
          <tr>
            <th scope="col">Colour in the file</th>
            <th scope="col">How often</th>
            <th scope="col">What for</th>
            <th scope="col">Becomes</th>
            <th scope="col">Because</th>
          </tr>
        </thead>
        <tbody>
          {#each plan.value.colors as line (`${line.hex} ${line.text}`)}
            <DressRow
              {line}
              chosen={line.hex in mapping}
              onchoose={(slot) => choose(line.hex, slot)}
              onshow={() => (shownPage = line.page ?? 1)}
            />
          {/each}
        </tbody>
      </table>
      <Told
        plan={plan.value}
        {leftMasters}
        {leftLogos}
        {smallerHeadings}
        {templateMaster}
        onlogos={(left) => (leftLogos = left)}
        onheadings={(smaller) => (smallerHeadings = smaller)}
        onmaster={(taken) => (templateMaster = taken)}
        onpage={(page) => (shownPage = page)}
      />
    </div>
    <BeforeAfter {file} {worn} {wishes} {pages} />
  </div>
{:else if !plan.problem}
  <p role="status">Walking through {file.name}…</p>
{/if}
{#if many}
  <ManyFiles {mapping} onclose={() => (many = false)} />
{/if}
{#if onOneSheet}
  <OneSheet {file} {worn} {wishes} onclose={() => (onOneSheet = false)} />
{/if}

<style>
  .actions {
    display: flex;
    align-items: center;
    gap: 12px;
    min-height: 34px;
    margin-bottom: 4px;
  }

  .actions p {
    flex: 1;
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  .actions b {
    margin-right: 8px;
    color: var(--ink);
    font-size: var(--size-text);
  }

  .two {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 380px;
    gap: 24px;
    align-items: start;
  }

  table {
    width: 100%;
    border-collapse: collapse;
  }

  @media (max-width: 1099px) {
    .two {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
