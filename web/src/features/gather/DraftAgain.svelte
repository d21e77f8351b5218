<script lang="ts">
  import type { Brand, Swatch } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import { Resource } from '../../bench/resource.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import Dialog from '../../ui/Dialog.svelte';
  import Ticket from '../../ui/Ticket.svelte';
  import { consequenceLines } from '../carry/consequences';

  /** Drafts the brand anew from some of its files, after what would change has been seen. */
  interface Props {
    onclose: () => void;
  }

  const { onclose }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  const sources = $derived(bench.sheet.sources.filter(({ crop }) => !crop));
  /** Ids in the order of the sheet; the first gives most. */
  let chosen = $state<string[]>(bench.sheet.shownId ? [bench.sheet.shownId] : []);

  function toggle(id: string) {
    const next = chosen.includes(id) ? chosen.filter((each) => each !== id) : [...chosen, id];
    chosen = sources.map((source) => source.id).filter((each) => next.includes(each));
  }

  const seen = new Resource(() =>
    chosen.length > 0
      ? {
          key: `${bench.brand.revision} ${chosen.join()}`,
          ask: (signal) => bench.lookAtDraft(chosen, signal),
        }
      : undefined,
  );
  const after = $derived(chosen.length > 0 ? seen.value : undefined);

  function only(brand: Brand | undefined, without: readonly Swatch[]): Swatch[] {
    const known = new Set(without.map(({ id }) => id));
    return (brand?.swatches ?? []).filter(({ id }) => !known.has(id));
  }

  const comes = $derived(only(after, bench.brand.swatches));
  const goes = $derived(after ? only(bench.brand, after.swatches) : []);
  const stays = $derived(after ? after.swatches.length - comes.length : 0);
  /** What goes has its tickets. */
  const lines = $derived(
    after?.consequences ? consequenceLines({ ...after.consequences, swatches: [] }) : [],
  );

  async function draft() {
    await doing.once(async () => {
      await bench.draftAgain(chosen);
      onclose();
    });
  }
</script>

<Dialog title="Draft again from…" wide {onclose}>
  <fieldset>
    <legend>Files that show the brand</legend>
    {#each sources as { id, name } (id)}
      <label><input type="checkbox" checked={chosen.includes(id)} onchange={() => toggle(id)} /> {name}</label
      >
    {/each}
  </fieldset>
  <div class="change" aria-live="polite">
    {#if after}
      {#each [{ title: 'Comes', swatches: comes }, { title: 'Goes', swatches: goes }] as part (part.title)}
        {#if part.swatches.length > 0}
          <h3>{part.title}</h3>
          <ul aria-label={part.title}>
            {#each part.swatches as swatch (swatch.id)}
              <li><Ticket hex={swatch.hex} ink={swatch.ink} small /> {swatch.name}</li>
            {/each}
          </ul>
        {/if}
      {/each}
      <p>
        {stays === 1 ? '1 colour stays' : `${stays} colours stay`} as named and noted; roles and theme are drafted
        from all, without the slots that are kept.
      </p>
      {#if lines.length > 0}
        <ul class="lines">
          {#each lines as line (line)}<li>{line}</li>{/each}
        </ul>
      {/if}
    {:else}
      <p>{chosen.length === 0 ? 'Choose one or more.' : 'Looking at what would change…'}</p>
    {/if}
  </div>
  <Complaint text={doing.problem ?? seen.problem} />
  <div class="actions">
    <Button look="main" disabled={!after} onclick={draft}>Draft again</Button>
    <Button look="quiet" onclick={onclose}>Leave it as it is</Button>
  </div>
</Dialog>

<style>
  fieldset {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 18px;
    margin-bottom: 12px;
    padding: 8px 12px;
    border: var(--rule);
  }

  label {
    display: flex;
    gap: 6px;
    align-items: center;
  }

  h3 {
    font-size: var(--size-text);
  }

  .change {
    display: grid;
    gap: 6px;
    min-height: 120px;
    align-content: start;
  }

  ul {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 16px;
  }

  li {
    display: flex;
    gap: 6px;
    align-items: center;
  }

  .lines {
    display: grid;
    gap: 2px;
    padding-left: 16px;
    list-style: square;
  }

  .lines li {
    display: list-item;
  }

  .actions {
    display: flex;
    gap: 12px;
    margin-top: 14px;
  }
</style>
