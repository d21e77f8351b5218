<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { Specimen } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Resource } from '../../bench/resource.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import EditableText from '../../ui/EditableText.svelte';
  import Sheets from '../specimen/Sheets.svelte';

  /** One palette of the brand on the specimens. */
  interface Props {
    /** Nothing for the one in force, whose specimen is given. */
    id?: string;
    name: string;
    /** As hexes. */
    colors: readonly string[];
    specimen?: Specimen;
    onrename: (to: string) => Promise<void>;
    children: Snippet;
  }

  const { id, name, colors, specimen, onrename, children }: Props = $props();
  const bench = useBench();

  const asked = new Resource(() =>
    id
      ? { key: `${bench.brand.revision} ${id}`, ask: (signal) => bench.palette.standingOn(id, signal) }
      : undefined,
  );
  const shown = $derived(specimen ?? asked.value?.themes[0]?.specimen);
</script>

<section aria-label={name}>
  <EditableText label="Name of the palette {name}" value={name} maxlength={80} onsave={onrename} />
  <ul class="colors" aria-label="Colours of {name}">
    {#each colors as hex, index (index)}<li style:background={hex}>
        <span class="visually-hidden">{hex.slice(1)}</span>
      </li>{/each}
  </ul>
  <div class="actions">
    <span>{colors.length === 1 ? '1 colour' : `${colors.length} colours`}</span>
    {@render children()}
  </div>
  <Complaint text={asked.problem} />
  {#if shown}<Sheets specimen={shown} name={bench.brand.name} moment="now" />{/if}
</section>

<style>
  section {
    display: grid;
    gap: 8px;
  }

  .colors {
    display: flex;
    height: 36px;
    border: var(--hairline);
    background: var(--paper);
  }

  .colors li {
    flex: 1;
  }

  .actions {
    display: flex;
    gap: 8px;
    align-items: center;
    min-height: 34px;
  }

  .actions span {
    flex: 1;
    color: var(--ink-2);
    font-size: var(--size-small);
  }
</style>
