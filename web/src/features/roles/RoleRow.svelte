<script lang="ts">
  import ArrowLeft from '@lucide/svelte/icons/arrow-left';
  import ArrowRight from '@lucide/svelte/icons/arrow-right';
  import X from '@lucide/svelte/icons/x';
  import type { BrandRole, DraftedRole, Swatch } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import type { Carrying } from '../carry/carrying.svelte';
  import PendingChange from '../carry/PendingChange.svelte';
  import { carriesSwatch, droppedSwatch } from '../../ui/drag';
  import EditableText from '../../ui/EditableText.svelte';
  import IconButton from '../../ui/IconButton.svelte';
  import Ticket from '../../ui/Ticket.svelte';
  import { reasonWords, usualSentence } from './roles';
  import { roleName } from '../../words/roles';

  interface Props {
    entry: BrandRole;
    /** What would be drafted now. */
    drafted?: DraftedRole | undefined;
    carrying: Carrying;
  }

  const { entry, drafted, carrying }: Props = $props();
  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  let over = $state(false);

  const name = $derived(roleName(entry.role));
  const holders = $derived(
    entry.swatches
      .map((id) => bench.brand.swatches.find((swatch) => swatch.id === id))
      .filter((swatch): swatch is Swatch => swatch !== undefined),
  );
  const others = $derived(bench.brand.swatches.filter(({ id }) => !entry.swatches.includes(id)));
  const reason = $derived(
    drafted && drafted.swatches.join() === entry.swatches.join() ? reasonWords(drafted.reason) : undefined,
  );

  /** @param holders all that have it from now on, in their order */
  function assign(holders: () => string[]) {
    const { role } = entry;
    void doing.do(() =>
      carrying.order(() => {
        const swatches = holders();
        return {
          what: swatches.length > 0 ? `${name} is in other hands` : `${name} is nobody's any more`,
          look: () => bench.roles.tryAssigning(role, swatches),
          carry: () => bench.roles.assignRole(role, swatches),
        };
      }, role),
    );
  }

  function give(event: Event & { currentTarget: HTMLSelectElement }) {
    const id = event.currentTarget.value;
    event.currentTarget.value = '';
    assign(() => bench.roles.withOneMore(entry.role, id));
  }

  function take(id: string) {
    assign(() => entry.swatches.filter((other) => other !== id));
  }

  function move(id: string, step: number) {
    assign(() => {
      const order = entry.swatches.filter((other) => other !== id);
      order.splice(entry.swatches.indexOf(id) + step, 0, id);
      return order;
    });
  }

  function ondragover(event: DragEvent) {
    if (carriesSwatch(event)) {
      event.preventDefault();
      over = true;
    }
  }

  function ondrop(event: DragEvent) {
    over = false;
    const id = droppedSwatch(event);
    if (id) {
      event.preventDefault();
      assign(() => bench.roles.withOneMore(entry.role, id));
    }
  }
</script>

<tr
  class:over
  data-role={entry.role}
  ondragenter={ondragover}
  {ondragover}
  ondragleave={() => (over = false)}
  {ondrop}
>
  <th scope="row">{name}</th>
  <td>
    <ul aria-label={name}>
      {#each holders as swatch, index (swatch.id)}
        <li>
          <span role="img" aria-label="{swatch.name}, {swatch.hex.slice(1)}">
            <Ticket hex={swatch.hex} ink={swatch.ink} small />
          </span>
          <span class="tools">
            {#if entry.several && holders.length > 1}
              <IconButton
                label="Move {swatch.name} forward in {name}"
                disabled={index === 0}
                onclick={() => move(swatch.id, -1)}><ArrowLeft size={14} aria-hidden="true" /></IconButton
              >
              <IconButton
                label="Move {swatch.name} back in {name}"
                disabled={index === holders.length - 1}
                onclick={() => move(swatch.id, 1)}><ArrowRight size={14} aria-hidden="true" /></IconButton
              >
            {/if}
            <IconButton label="Take {name} from {swatch.name}" onclick={() => take(swatch.id)}>
              <X size={14} aria-hidden="true" />
            </IconButton>
          </span>
        </li>
      {/each}
    </ul>
    {#if others.length > 0}
      <select aria-label="Give {name} to" onchange={give}>
        <option value=""
          >{holders.length === 0 ? 'nobody yet; give it to…' : entry.several ? 'add…' : 'give it to…'}</option
        >
        {#each others as swatch (swatch.id)}<option value={swatch.id}>{swatch.name}</option>{/each}
      </select>
    {/if}
  </td>
  <td>
    <EditableText
      label="What {name} is for"
      value={entry.words || usualSentence(entry.role)}
      maxlength={200}
      onsave={async (words) => {
        await carrying.settle();
        await bench.roles.wordRole(entry.role, words);
      }}
    />
    {#if reason}<p>Drafted: {reason}.</p>{/if}
  </td>
</tr>
{#if carrying.pending?.place === entry.role}
  <tr>
    <td colspan="3"><PendingChange {carrying} beside={entry.role} /></td>
  </tr>
{/if}

<style>
  tr {
    border-bottom: var(--hairline);
  }

  .over {
    outline: 2px solid var(--ink);
    outline-offset: -2px;
  }

  th,
  td {
    padding: 6px 12px 6px 0;
    text-align: start;
    vertical-align: top;
  }

  th {
    padding-top: 11px;
    white-space: nowrap;
  }

  td:nth-of-type(1) {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 8px;
    align-items: start;
  }

  ul {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 8px;
  }

  li {
    display: flex;
    align-items: center;
  }

  .tools {
    display: flex;
  }

  .tools :global(button) {
    width: 24px;
    height: 24px;
  }

  select {
    min-height: 28px;
    max-width: 170px;
    padding: 2px 4px;
    font-size: var(--size-small);
  }

  p {
    margin-top: 2px;
    color: var(--ink-2);
    font-size: var(--size-small);
  }
</style>
