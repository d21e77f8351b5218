<script lang="ts">
  import { mendedPageOf, filePageOf, type Dress } from '../../api/addresses';
  import type { ExistingFile, Fault } from '../../api/types';
  import Button from '../../ui/Button.svelte';
  import { SLOT_CODES } from '../../words/slots';
  import Crop from './Crop.svelte';
  import type { Frame } from './places';

  /** How a fault can be mended, or left. */
  interface Props {
    file: ExistingFile;
    fault: Fault;
    frame: Frame | undefined;
    worn: Dress;
    /** All of the same kind, so that they can be mended at once. */
    alike: readonly Fault[];
    busy: boolean;
    onmend: (which: Record<string, number> | string, said: string) => void;
    onleave: (because: string) => void;
    ontakeback: () => void;
    /** The whole file has it through its theme: it is dressed instead. */
    ondress: () => void;
  }

  const { file, fault, frame, worn, alike, busy, onmend, onleave, ontakeback, ondress }: Props = $props();

  let because = $state('');
  const page = $derived(fault.page ?? 1);
  const throughTheme = $derived(
    fault.mendings.length === 0 && fault.word !== undefined && SLOT_CODES.includes(fault.word ?? ''),
  );
  const mendable = $derived(alike.filter(({ mendings }) => mendings.length > 0));

  /** Each by the same way, where it has that one. */
  function forAll(kind: string): Record<string, number> {
    const ways: Record<string, number> = {};
    for (const other of mendable) {
      const way = other.mendings.findIndex((mending) => mending.kind === kind);
      if (way >= 0) {
        ways[other.id] = way;
      }
    }
    return ways;
  }
</script>

<div class="ways">
  {#each fault.mendings as mending, way (mending.kind)}
    {@const all = forAll(mending.kind)}
    <section aria-label={mending.title}>
      <h2>{mending.title}</h2>
      {#if frame && fault.page}
        <div class="pair">
          <Crop src={filePageOf(worn.brand, file.id, page)} {frame} alt="Before" />
          <Crop src={mendedPageOf(worn, file.id, page, fault.id, way)} {frame} alt="After" />
        </div>
      {/if}
      <p>{mending.outcome}</p>
      <Button
        disabled={busy}
        onclick={() =>
          onmend({ [fault.id]: way }, `${fault.where} mended. Nothing else in the file changed.`)}
      >
        Take it
      </Button>
      {#if Object.keys(all).length > 1}
        <Button
          look="quiet"
          disabled={busy}
          onclick={() => onmend(all, `${Object.keys(all).length} mended. Nothing else in the file changed.`)}
        >
          for all {Object.keys(all).length}
        </Button>
      {/if}
    </section>
  {/each}
  {#if throughTheme}
    <section>
      <h2>Through its theme</h2>
      <p>The whole file has this colour from its own theme. Put yours on it.</p>
      <Button onclick={ondress}>Dress it first</Button>
    </section>
  {:else if fault.mendings.length === 0}
    <section>
      <h2>By hand</h2>
      <p>This needs somebody who knows what is meant; it is not mended here.</p>
    </section>
  {/if}
  {#if fault.left}
    <section>
      <h2>Left on purpose</h2>
      <p>{fault.left.because || 'No reason given.'}</p>
      <Button disabled={busy} onclick={ontakeback}>Take that back</Button>
    </section>
  {:else}
    <form
      onsubmit={(event) => {
        event.preventDefault();
        onleave(because);
      }}
    >
      <label for="because">Leave it, because</label>
      <div>
        <input id="because" maxlength="200" bind:value={because} />
        <Button type="submit" disabled={busy}>Leave it</Button>
      </div>
      <p class="hint">Remembered when the next version of this file comes</p>
    </form>
  {/if}
</div>

<style>
  section,
  form {
    display: grid;
    justify-items: start;
    gap: 4px;
    padding: 10px 0 8px;
    border-top: var(--rule);
  }

  section :global(button[data-look='quiet']) {
    margin: 0;
  }

  h2,
  label {
    font-size: var(--size-text);
    font-weight: 600;
  }

  .pair {
    display: grid;
    grid-template-columns: 1fr 1fr;
    width: 100%;
  }

  form div {
    display: flex;
    gap: 8px;
    width: 100%;
  }

  input {
    flex: 1;
    min-width: 0;
    min-height: 32px;
    padding: 2px 6px;
    border: var(--rule);
    background: var(--paper);
  }

  .hint {
    color: var(--ink-2);
    font-size: var(--size-small);
  }
</style>
