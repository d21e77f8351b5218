<script lang="ts">
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import FullDialog from '../../ui/FullDialog.svelte';
  import PaletteColumn from './PaletteColumn.svelte';

  /** All palettes of the brand side by side on the same specimens; one of them is in force. */
  interface Props {
    onclose: () => void;
  }

  const { onclose }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  let name = $state('');

  const palettes = $derived(bench.brand.palettes);

  async function begin(empty: boolean) {
    await doing.do(async () => {
      const kept = palettes.inForce;
      const begun = name.trim() || `Palette ${palettes.others.length + 2}`;
      await bench.palette.beginPalette(begun, empty);
      name = '';
      bench.say(`${kept} is kept; ${begun} is in force.`, true);
      if (empty) {
        onclose();
      }
    });
  }

  async function use(id: string, called: string) {
    await doing.do(async () => {
      await bench.palette.usePalette(id);
      bench.say(`${called} is in force; everything stands on it.`, true);
    });
  }

  async function drop(id: string, called: string) {
    await doing.do(async () => {
      await bench.palette.dropPalette(id);
      bench.say(`The palette ${called} is taken away.`, true);
    });
  }
</script>

<FullDialog label="Palettes of the brand" {onclose}>
  <header>
    <h2>Palettes of {bench.brand.name}</h2>
    <p>Each has roles, themes and rules of its own. What is handed over stands on the one in force.</p>
    <Button onclick={onclose}>Back to the bench</Button>
  </header>
  <form
    onsubmit={(event) => {
      event.preventDefault();
      void begin(false);
    }}
  >
    <label>
      Keep {palettes.inForce} and go on, under the name
      <input
        aria-label="Name of the next palette"
        bind:value={name}
        maxlength={80}
        placeholder="Palette {palettes.others.length + 2}"
      />
    </label>
    <span>with</span>
    <Button type="submit" look="main">a copy of it</Button>
    <Button onclick={() => begin(true)}>an empty one</Button>
  </form>
  <Complaint text={doing.problem} />
  <ol aria-label="Palettes">
    <li>
      <PaletteColumn
        name={palettes.inForce}
        colors={bench.brand.swatches.map(({ hex }) => hex)}
        specimen={bench.specimen}
        onrename={(to) => bench.palette.renamePalette(undefined, to)}
      >
        <b>in force</b>
      </PaletteColumn>
    </li>
    {#each palettes.others as other (other.id)}
      <li>
        <PaletteColumn
          id={other.id}
          name={other.name}
          colors={other.colors}
          onrename={(to) => bench.palette.renamePalette(other.id, to)}
        >
          <Button onclick={() => use(other.id, other.name)}
            >Put in force<span class="visually-hidden">: {other.name}</span></Button
          >
          <Button look="quiet" onclick={() => drop(other.id, other.name)}
            >Take away<span class="visually-hidden">: {other.name}</span></Button
          >
        </PaletteColumn>
      </li>
    {/each}
  </ol>
</FullDialog>

<style>
  header {
    display: flex;
    gap: 18px;
    align-items: baseline;
    margin-bottom: 12px;
  }

  header p {
    flex: 1;
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  h2 {
    font-size: var(--size-title);
  }

  form {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
    margin-bottom: 16px;
    padding-bottom: 12px;
    border-bottom: var(--rule);
  }

  input {
    min-height: 32px;
    margin-inline-start: 6px;
    padding: 4px 8px;
    border: var(--rule);
    background: var(--paper);
  }

  input::placeholder {
    color: var(--ink-3);
  }

  ol {
    display: flex;
    gap: 20px;
    align-items: start;
    overflow-x: auto;
  }

  li {
    flex: 0 0 308px;
  }
</style>
