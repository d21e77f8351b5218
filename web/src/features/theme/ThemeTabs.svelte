<script lang="ts">
  import type { PageGround } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import Segments from '../../ui/Segments.svelte';
  import NewTheme from './NewTheme.svelte';

  interface Props {
    /** Id of the theme that the slots are shown beside; empty: none. */
    beside: string;
    onbeside: (id: string) => void;
  }

  const { beside, onbeside }: Props = $props();
  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  const PAGES: { value: PageGround; name: string }[] = [
    { value: 'light', name: 'light pages' },
    { value: 'dark', name: 'dark pages' },
  ];

  let adding = $state(false);

  const themes = $derived(bench.brand.themes);
  const first = $derived(themes[0]?.id === bench.theme.id);

  async function attempt(action: () => Promise<void>, words: string) {
    await doing.do(async () => {
      await action();
      bench.say(words, true);
    });
  }

  const turn = (ground: PageGround) =>
    attempt(
      () => bench.themes.setPages(ground),
      `${bench.theme.name} has ${ground.toLowerCase()} pages now.`,
    );
  const lead = () => attempt(() => bench.themes.leadWithTheme(), `${bench.theme.name} is handed over first.`);
  const remove = () => attempt(() => bench.themes.removeTheme(), `${bench.theme.name} is taken away.`);
</script>

<div class="themes">
  <div class="tabs" role="group" aria-label="Themes">
    {#each themes as { id, name }, index (id)}
      <button type="button" aria-pressed={id === bench.theme.id} onclick={() => bench.themes.show(id)}>
        {name}{#if index === 0 && themes.length > 1}<small>&nbsp;first</small>{/if}
      </button>
    {/each}
    <button type="button" class="more" onclick={() => (adding = true)}>+ theme</button>
  </div>
  <Segments label="Pages of the theme" options={PAGES} value={bench.theme.ground} onchange={turn} />
  {#if themes.length > 1}
    <select
      aria-label="Show the slots beside another theme"
      value={beside}
      onchange={(event) => onbeside(event.currentTarget.value)}
    >
      <option value="">beside no other</option>
      {#each themes.filter(({ id }) => id !== bench.theme.id) as { id, name } (id)}
        <option value={id}>beside {name}</option>
      {/each}
    </select>
    {#if !first}<Button look="quiet" onclick={lead}>Hand over first</Button>{/if}
    <Button look="quiet" onclick={remove}
      >Take away<span class="visually-hidden">&nbsp;{bench.theme.name}</span></Button
    >
  {/if}
</div>

{#if adding}
  <NewTheme onclose={() => (adding = false)} />
{/if}

<style>
  .themes {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 14px;
    align-items: center;
    margin-bottom: 8px;
    border-bottom: var(--rule);
  }

  .tabs {
    display: flex;
    flex-wrap: wrap;
    flex: 1;
  }

  .tabs button {
    min-height: 32px;
    padding: 4px 12px;
    font-weight: 600;
  }

  .tabs button[aria-pressed='true'] {
    background: var(--ink);
    color: var(--paper);
  }

  .tabs .more {
    font-weight: 400;
  }

  small {
    font-size: var(--size-small);
    font-weight: 400;
  }
</style>
