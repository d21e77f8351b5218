<script lang="ts">
  import { untrack } from 'svelte';
  import { companionsOf } from '../../api/addresses';
  import { answered, api } from '../../api/client';
  import type { Companion, Swatch } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import { Resource } from '../../bench/resource.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import Dialog from '../../ui/Dialog.svelte';
  import Ticket from '../../ui/Ticket.svelte';

  interface Props {
    onclose: () => void;
  }

  const { onclose }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  const BASES = ['Main base', 'Second base', 'Third base'];

  /** Ids of three swatches; the first of the palette to begin with. */
  let bases = $state(
    untrack(() =>
      usable()
        .slice(0, BASES.length)
        .map(({ id }) => id),
    ),
  );

  const asked = new Resource(() => {
    const params = { path: { id: bench.id }, query: { bases: [...bases] } };
    return {
      key: `${bench.brand.revision} ${bases.join()}`,
      ask: (signal) => answered(api.GET('/api/brands/{id}/companions', { params, signal })),
    };
  });
  const tickets = $derived(asked.value?.tickets ?? []);

  const fresh = $derived(tickets.filter((ticket) => ticket.part !== 'base' && !inPalette(ticket)));

  function usable(): Swatch[] {
    return bench.brand.swatches.filter((swatch) => !swatch.offLimits);
  }

  function inPalette(ticket: Companion): boolean {
    return bench.brand.swatches.some(({ hex }) => hex === ticket.hex);
  }

  function words(ticket: Companion): string {
    const name = bench.brand.swatches.find(({ id }) => id === bases[ticket.base])?.name ?? '';
    if (ticket.part === 'base') {
      return name;
    }
    const alike = tickets.filter(({ part, base }) => part === ticket.part && base === ticket.base);
    const number = alike.indexOf(ticket) + 1;
    return `${ticket.part} ${name}${number > 1 ? ` ${number}` : ''}`;
  }

  async function take(taken: Companion[]) {
    await doing.once(async () => {
      await bench.palette.addSwatches(
        taken.map((ticket) => ({
          hex: ticket.hex,
          name: words(ticket).replace(/^./, (letter) => letter.toUpperCase()),
          origin: { source: 'companions' },
        })),
      );
      bench.say(
        `${taken.length === 1 ? '1 companion' : `${taken.length} companions`} joined the palette.`,
        true,
      );
    });
  }
</script>

<Dialog title="Companions" wide {onclose}>
  <p>A darker and a lighter partner for each of three bases, and three brighter variants of the main one.</p>
  <div class="bases">
    {#each BASES as name, index (name)}
      <label>
        {name}
        <select bind:value={bases[index]}>
          {#each usable() as swatch (swatch.id)}
            <option value={swatch.id}>{swatch.name}</option>
          {/each}
        </select>
      </label>
    {/each}
  </div>
  <ul aria-label="Sheet of companions">
    {#each tickets as ticket, index (index)}
      <li>
        <button
          type="button"
          disabled={inPalette(ticket)}
          title={inPalette(ticket) ? 'in the palette' : 'Click takes it'}
          onclick={() => take([ticket])}
        >
          <Ticket hex={ticket.hex} ink={ticket.ink} wide />
          <span>{words(ticket)}</span>
        </button>
      </li>
    {/each}
  </ul>
  <Complaint text={doing.problem ?? asked.problem} />
  <div class="out">
    <a href={companionsOf(bench.id, bases, 'svg')} download>Sheet as SVG</a>
    <a href={companionsOf(bench.id, bases, 'png')} download>Sheet as PNG</a>
    <Button look="main" disabled={fresh.length === 0} onclick={() => take(fresh)}>
      Take all {fresh.length}
    </Button>
  </div>
</Dialog>

<style>
  .bases {
    display: flex;
    gap: 16px;
    margin: 12px 0;
  }

  label {
    display: grid;
    gap: 2px;
    font-size: var(--size-small);
    font-weight: 600;
  }

  ul {
    display: grid;
    grid-template-columns: repeat(6, minmax(0, 1fr));
    gap: 10px;
  }

  button {
    width: 100%;
    text-align: start;
  }

  span {
    display: block;
    margin-top: 2px;
    font-size: var(--size-small);
    line-height: 15px;
  }

  .out {
    display: flex;
    gap: 16px;
    justify-content: end;
    align-items: center;
    margin-top: 16px;
  }
</style>
