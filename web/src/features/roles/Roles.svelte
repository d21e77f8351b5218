<script lang="ts">
  import { Resource } from '../../bench/resource.svelte';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import { addressOf } from '../../bench/route.svelte';
  import Button from '../../ui/Button.svelte';
  import StationTitle from '../../ui/StationTitle.svelte';
  import { Carrying } from '../carry/carrying.svelte';
  import PendingChange from '../carry/PendingChange.svelte';
  import ChartOrder from './ChartOrder.svelte';
  import ProportionBar from './ProportionBar.svelte';
  import RoleRow from './RoleRow.svelte';
  import { contradictionWords } from './roles';

  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  const carrying = new Carrying(bench);

  const roles = $derived(bench.brand.roles.roles);
  const some = $derived(roles.some(({ role, swatches }) => swatches.length > 0 && role !== 'off-limits'));

  /** Drafted anew whenever the palette has changed. */
  const asked = new Resource(() => ({
    key: String(bench.brand.revision),
    ask: (signal) => bench.roles.draftedRoles(signal),
  }));
  const drafted = $derived(asked.value ?? []);

  async function draft() {
    await doing.do(async () => {
      await carrying.order(() => ({
        what: 'The roles are drafted again',
        look: () => bench.roles.tryDraft(),
        carry: async () => {
          await bench.roles.draftRoles();
          bench.say('The roles are drafted; the reason stands beside each.', true);
        },
      }));
    });
  }
</script>

<StationTitle name="Roles" hint="Drag a ticket from the strip onto a role, or choose it there.">
  <Button look={some ? 'plain' : 'main'} disabled={bench.brand.swatches.length === 0} onclick={draft}>
    {some ? 'Draft again' : 'Draft the roles'}
  </Button>
</StationTitle>

{#if bench.brand.swatches.length === 0}
  <p class="empty">
    The palette is empty. <a href={addressOf(bench.id, 'gather')}>Gather</a> colours first, then say what each is
    for.
  </p>
{:else}
  {#if bench.brand.roles.contradictions.length > 0}
    <ul class="told" aria-label="Contradictions">
      {#each bench.brand.roles.contradictions as told, index (index)}<li>
          {contradictionWords(told)}
        </li>{/each}
    </ul>
  {/if}
  <PendingChange {carrying} />
  <ProportionBar />
  <table>
    <thead>
      <tr>
        <th scope="col">Role</th>
        <th scope="col">Colours</th>
        <th scope="col">What it is for; goes into the guide</th>
      </tr>
    </thead>
    <tbody>
      {#each roles as entry (entry.role)}
        <RoleRow {entry} drafted={drafted.find(({ role }) => role === entry.role)} {carrying} />
      {/each}
    </tbody>
  </table>
  <ChartOrder {carrying} />
{/if}

<style>
  table {
    width: 100%;
    border-collapse: collapse;
  }

  thead tr {
    border-bottom: var(--rule);
  }

  th {
    padding: 4px 12px 4px 0;
    text-align: start;
  }

  th:nth-child(2) {
    width: 44%;
  }

  .told {
    display: grid;
    gap: 4px;
    margin-bottom: 10px;
  }

  .told li {
    padding: 2px 10px;
    border-left: 4px solid var(--ink);
    background: var(--paper);
  }

  .empty {
    padding: 24px;
    border: 1.5px dashed var(--ink-3);
  }
</style>
