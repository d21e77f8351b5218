<script lang="ts">
  import { faultReportOf, type Dress } from '../../api/addresses';
  import type { ExistingFile, Fault } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import { Resource } from '../../bench/resource.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import FaultPage from './FaultPage.svelte';
  import KindList from './KindList.svelte';
  import { LEFT, grouped } from './kinds';
  import { frameOf } from './places';
  import Ways from './Ways.svelte';

  interface Props {
    file: ExistingFile;
  }

  const { file }: Props = $props();
  const bench = useBench();
  const work = bench.existing;
  const doing = new Doing();

  const faults = new Resource(() => ({
    key: JSON.stringify([file.id, bench.theme.id, bench.brand.revision]),
    ask: (signal: AbortSignal) => work.ask.faults(file.id, bench.theme.id, signal),
  }));
  const groups = $derived(grouped(faults.value ?? []));
  let chosenKind = $state<string>();
  let chosenId = $state<string>();
  const group = $derived(groups.find(({ kind }) => kind === chosenKind) ?? groups[0]);
  const fault = $derived(group?.faults.find(({ id }) => id === chosenId) ?? group?.faults[0]);
  const page = $derived(fault?.page ?? 1);
  const places = new Resource(() => ({
    key: `${file.id} ${page}`,
    ask: (signal: AbortSignal) => work.ask.places(file.id, page, signal),
  }));
  const frame = $derived(fault ? frameOf(fault, places.value) : undefined);
  const safe = $derived((faults.value ?? []).filter((one) => one.safe && !one.left));
  const open = $derived((faults.value ?? []).filter((one) => !one.left));
  const worn: Dress = $derived({ brand: bench.id, theme: bench.theme.id, revision: bench.brand.revision });

  function counted(count: number): string {
    return count === 1 ? '1 fault' : `${count} faults`;
  }

  function mend(which: Record<string, number> | string, said: string) {
    void doing.once(async () => {
      await work.mend(file.id, bench.theme.id, which);
      bench.say(said, () => work.undo());
    });
  }

  function leave(one: Fault, because: string) {
    void doing.once(async () => {
      await work.leave(file.id, one.id, because);
      faults.again();
      bench.say('Left on purpose; remembered when the next version of this file comes.', async () => {
        await work.takeBack(file.id, one.id);
        faults.again();
      });
    });
  }

  function takeBack(one: Fault) {
    void doing.once(async () => {
      await work.takeBack(file.id, one.id);
      faults.again();
    });
  }
</script>

<div class="actions">
  <p role="status">
    {#if faults.value}
      {counted(open.length)}{groups.some(({ kind }) => kind === LEFT)
        ? `, ${faults.value.length - open.length} left on purpose`
        : ''}
    {:else if !faults.problem}
      Walking through {file.name}…
    {/if}
  </p>
  <span>
    Report:
    <a href={faultReportOf(bench.id, file.id, bench.theme.id, 'html')} download>page</a>
    <a href={faultReportOf(bench.id, file.id, bench.theme.id, 'csv')} download>table</a>
  </span>
  <Button
    look="main"
    disabled={safe.length === 0 || doing.adding}
    onclick={() => mend('safe', `${counted(safe.length)} mended. Nothing else in the file changed.`)}
  >
    {safe.length === 0 ? 'No safe ones to mend' : `Mend all ${safe.length} safe ones`}
  </Button>
</div>
<Complaint text={doing.problem ?? faults.problem} />
{#if faults.value && !group}
  <p class="clean">Nothing is off in this file.</p>
{:else if group && fault}
  <div class="three">
    <KindList
      {groups}
      shown={group.kind}
      onshow={(kind) => {
        chosenKind = kind;
        chosenId = undefined;
      }}
    />
    <FaultPage {file} {fault} {frame} faults={group.faults} onshow={(id) => (chosenId = id)} />
    {#key fault.id}
      <Ways
        {file}
        {fault}
        {frame}
        {worn}
        alike={group.kind === LEFT ? [] : group.faults}
        busy={doing.adding}
        onmend={mend}
        onleave={(because) => leave(fault, because)}
        ontakeback={() => takeBack(fault)}
        ondress={() => (work.task = 'dress')}
      />
    {/key}
  </div>
{/if}

<style>
  .actions {
    display: flex;
    align-items: center;
    gap: 16px;
    min-height: 34px;
    margin-bottom: 8px;
  }

  .actions p {
    flex: 1;
    color: var(--ink-2);
  }

  .actions a {
    margin-left: 6px;
    font-weight: 600;
  }

  .clean {
    padding: 48px 0;
    font-size: var(--size-lead);
  }

  .three {
    display: grid;
    grid-template-columns: 236px minmax(0, 1fr) 290px;
    gap: 18px;
    align-items: start;
  }

  @media (max-width: 1099px) {
    .three {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
