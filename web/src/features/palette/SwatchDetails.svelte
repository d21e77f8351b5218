<script lang="ts">
  import { Resource } from '../../bench/resource.svelte';
  import type { Swatch } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import EditableText from '../../ui/EditableText.svelte';
  import NewGroup from './NewGroup.svelte';

  /** What is said about a swatch besides its colour: names, group, spot ink, note, and whom it follows. */
  interface Props {
    swatch: Swatch;
    /** Asks what would follow if it became one with another. */
    onmerge: (into: string) => Promise<void>;
  }

  const { swatch, onmerge }: Props = $props();
  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  /** Stands for a group that is still to be made. */
  const NEW = '\u0000new';

  let naming = $state(false);

  const base = $derived(bench.brand.swatches.find(({ id }) => id === swatch.step?.base));
  const others = $derived(bench.brand.swatches.filter(({ id }) => id !== swatch.id));

  /** Asked anew when the colour has changed. */
  const named = new Resource(() => {
    const { id } = swatch;
    return { key: `${id} ${swatch.hex}`, ask: (signal) => bench.palette.namesFor(id, signal) };
  });
  const names = $derived(named.value ?? []);

  function sort(event: Event & { currentTarget: HTMLSelectElement }) {
    const chosen = event.currentTarget.value;
    if (chosen === NEW) {
      event.currentTarget.value = swatch.group;
      naming = true;
    } else {
      void doing.do(() => bench.palette.sortSwatches([swatch.id], chosen));
    }
  }

  function merge(event: Event & { currentTarget: HTMLSelectElement }) {
    const into = event.currentTarget.value;
    event.currentTarget.value = '';
    void doing.do(() => onmerge(into));
  }
</script>

<div class="details">
  <div class="names">
    <b>Could be called</b>
    {#each names as name (name)}
      <Button look="quiet" onclick={() => doing.do(() => bench.palette.renameSwatch(swatch.id, name))}
        >{name}</Button
      >
    {/each}
  </div>
  <label>
    Group
    <select aria-label="Group of {swatch.name}" value={swatch.group} onchange={sort}>
      {#each bench.brand.groups as group (group.name)}<option>{group.name}</option>{/each}
      <option value={NEW}>a new group…</option>
    </select>
  </label>
  <div class="field">
    Spot ink
    <EditableText
      label="Spot ink of {swatch.name}"
      value={swatch.spotInk}
      maxlength={60}
      onsave={(ink) => bench.palette.noteSwatch(swatch.id, ink, swatch.note)}
    />
  </div>
  <div class="field wide">
    Note
    <EditableText
      label="Note on {swatch.name}"
      value={swatch.note}
      maxlength={400}
      onsave={(note) => bench.palette.noteSwatch(swatch.id, swatch.spotInk, note)}
    />
  </div>
  {#if others.length > 0}
    <label>
      Replace by
      <select aria-label="Replace {swatch.name} by" onchange={merge}>
        <option value="">another swatch…</option>
        {#each others as other (other.id)}<option value={other.id}>{other.name}</option>{/each}
      </select>
    </label>
  {/if}
  {#if base}
    <div class="names">
      <span>Follows {base.name} on its ladder.</span>
      <Button look="quiet" onclick={() => doing.do(() => bench.palette.freeSwatch(swatch.id))}
        >Let it stand on its own</Button
      >
    </div>
  {/if}
</div>
{#if naming}
  <NewGroup swatches={[swatch.id]} onclose={() => (naming = false)} />
{/if}

<style>
  .details {
    display: grid;
    grid-column: 1 / -1;
    grid-template-columns: max-content 150px minmax(0, 1fr) max-content;
    gap: 8px 14px;
    align-items: end;
    font-size: var(--size-small);
  }

  .names {
    display: flex;
    flex-wrap: wrap;
    grid-column: 1 / -1;
    gap: 0 6px;
    align-items: center;
  }

  label,
  .field {
    display: grid;
    gap: 2px;
    color: var(--ink-2);
  }

  select {
    min-height: 28px;
    padding: 2px 4px;
    font-size: var(--size-small);
  }

  @media (max-width: 899px) {
    .details {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
