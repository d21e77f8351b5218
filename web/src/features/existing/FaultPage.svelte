<script lang="ts">
  import { filePageOf } from '../../api/addresses';
  import type { ExistingFile, Fault } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import type { Frame } from './places';

  /** The page with the place outlined, and all places of the kind beneath. */
  interface Props {
    file: ExistingFile;
    fault: Fault;
    frame: Frame | undefined;
    faults: readonly Fault[];
    onshow: (id: string) => void;
  }

  const { file, fault, frame, faults, onshow }: Props = $props();
  const bench = useBench();

  /** More would be a wall of pictures; the list says how many there are. */
  const MOST = 60;
  const page = $derived(fault.page ?? 1);
  const shown = $derived(faults.slice(0, MOST));

  function onkeydown(event: KeyboardEvent) {
    const step = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
    const next = shown[shown.findIndex(({ id }) => id === fault.id) + (step ?? 0)];
    if (step && next) {
      event.preventDefault();
      onshow(next.id);
      const list = event.currentTarget as HTMLElement;
      list.querySelector<HTMLElement>(`[data-fault='${next.id}']`)?.focus();
    }
  }
</script>

<div class="page">
  <div class="picture">
    <img src={filePageOf(bench.id, file.id, page)} alt="Page {page} of {file.name}" />
    {#if frame}
      <span
        style:left="{frame.x * 100}%"
        style:top="{frame.y * 100}%"
        style:width="{frame.width * 100}%"
        style:height="{frame.height * 100}%"
      ></span>
    {/if}
  </div>
  <p class="where">
    <b>{fault.where}</b>
    {#if fault.text}<q>{fault.text}</q>{/if}
    {#if fault.pages > 1}<em>seen on {fault.pages} pages</em>{/if}
  </p>
  <p>{fault.reason}.</p>
  {#if shown.length > 1}
    <!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
    <ul aria-label="Places of this kind" {onkeydown}>
      {#each shown as other (other.id)}
        <li>
          <button
            type="button"
            data-fault={other.id}
            aria-pressed={other.id === fault.id}
            aria-label={other.where}
            onclick={() => onshow(other.id)}
          >
            <img src={filePageOf(bench.id, file.id, other.page ?? 1)} alt="" loading="lazy" />
            <small>{other.page ?? ''}</small>
          </button>
        </li>
      {/each}
    </ul>
    <p class="hint">
      {faults.length > MOST ? `The first ${MOST} of ${faults.length}` : `The ${faults.length}`} places of this kind:
      arrows go from one to the next
    </p>
  {/if}
</div>

<style>
  .page {
    display: grid;
    gap: 8px;
    min-width: 0;
  }

  .picture {
    position: relative;
    overflow: hidden;
    background: var(--paper);
    outline: 1px solid var(--hair);
  }

  img {
    display: block;
    width: 100%;
  }

  .picture span {
    position: absolute;
    min-width: 8px;
    min-height: 8px;
    box-shadow:
      0 0 0 3px #000,
      0 0 0 5px #fff;
  }

  .where {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 10px;
  }

  q,
  em,
  .hint {
    color: var(--ink-2);
    font-size: var(--size-small);
    font-style: normal;
    line-height: 20px;
  }

  ul {
    display: flex;
    gap: 6px;
    padding: 3px;
    overflow-x: auto;
  }

  li {
    flex: none;
    width: 88px;
  }

  li img {
    min-height: 50px;
    background: var(--paper);
  }

  li button {
    display: block;
    width: 100%;
    outline: 1px solid var(--hair);
    text-align: center;
  }

  li button[aria-pressed='true'] {
    outline: 3px solid var(--ink);
  }

  small {
    font: 500 var(--size-small) / 16px var(--code);
  }
</style>
