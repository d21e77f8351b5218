<script lang="ts">
  import X from '@lucide/svelte/icons/x';
  import type { Snippet } from 'svelte';
  import type { TypeRole } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import type { Family } from '../../bench/families';
  import IconButton from '../../ui/IconButton.svelte';
  import { kindName } from '../../words/type';
  import { KINDS } from './type';

  interface Props {
    /** The role that a click sets. */
    role: TypeRole;
    roleName: string;
    /** The family that it is set in. */
    family: string;
    children: Snippet;
  }

  const { role, roleName, family, children }: Props = $props();
  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  let kind = $state('');
  let end: (() => void) | undefined;

  const families = $derived(bench.faces.families);
  const own = $derived(families.filter((one) => one.own).length);
  const shown = $derived(families.filter((one) => !kind || one.kind === kind));
  const used = $derived(
    new Set(
      [bench.brand.type.heading, bench.brand.type.subheading, bench.brand.type.body].map(
        (lettering) => lettering.family,
      ),
    ),
  );

  function look(one: Family) {
    end?.();
    end = bench.type.preview(role, { family: one.name });
  }

  function leave() {
    end?.();
    end = undefined;
  }

  function set(one: Family) {
    void doing.do(async () => {
      await bench.type.set(role, { family: one.name });
      bench.say(`${roleName} set in ${one.name}.`, true);
    });
  }

  function remove(one: Family) {
    void doing.do(async () => {
      const gone = one.faces.filter(({ origin }) => origin === 'own');
      for (const font of gone) {
        await bench.faces.remove(font);
      }
      bench.say(`${one.name} is taken away; what is set in it keeps its name.`, async () => {
        for (const font of gone) {
          await bench.faces.putBack(font);
        }
      });
    });
  }
</script>

<div class="title">
  <h2>Faces at hand</h2>
  <span
    >{families.length - own} ship with us{own ? `, ${own} ${own === 1 ? 'is' : 'are'} yours` : ''}; a click
    sets the {roleName}</span
  >
  <label>
    <span class="visually-hidden">Kind of face</span>
    <select bind:value={kind}>
      <option value="">all kinds</option>
      {#each KINDS as name (name)}<option value={name}>{kindName(name)}</option>{/each}
    </select>
  </label>
  {@render children()}
</div>
<ul aria-label="Faces at hand">
  {#each shown as one (one.name)}
    <li>
      <button
        type="button"
        aria-pressed={one.name === family}
        class:used={used.has(one.name)}
        onpointerenter={() => look(one)}
        onpointerleave={leave}
        onfocus={() => look(one)}
        onblur={leave}
        onclick={() => set(one)}
      >
        <b style:font-family={`"${one.name}"`} aria-hidden="true">Ag 27</b>
        <span>{one.name}</span>
        <em>{one.own ? 'your own file' : kindName(one.kind)}</em>
      </button>
      {#if one.own}
        <div class="remove">
          <IconButton label="Take {one.name} away" onclick={() => remove(one)}>
            <X size={14} aria-hidden="true" />
          </IconButton>
        </div>
      {/if}
    </li>
  {/each}
</ul>

<style>
  .title {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 12px;
    align-items: center;
    margin: 6px 0 8px;
  }

  h2 {
    font-size: var(--size-text);
  }

  .title > span {
    flex: 1;
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  select {
    min-height: 28px;
    font-size: var(--size-small);
  }

  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(122px, 1fr));
    gap: 8px;
  }

  li {
    position: relative;
  }

  li > button {
    display: grid;
    width: 100%;
    min-height: 68px;
    padding: 6px 9px;
    background: var(--paper);
    text-align: start;
  }

  li > button:hover {
    outline: 1.5px solid var(--ink);
  }

  .used {
    box-shadow: inset 0 0 0 1.5px var(--ink-3);
  }

  li > button[aria-pressed='true'] {
    box-shadow: inset 0 0 0 3px var(--ink);
  }

  b {
    overflow: hidden;
    font-size: 22px;
    font-weight: 400;
    line-height: 30px;
    white-space: nowrap;
  }

  li span {
    overflow: hidden;
    font-size: var(--size-small);
    font-weight: 600;
    line-height: 15px;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  em {
    color: var(--ink-2);
    font-size: var(--size-small);
    font-style: normal;
    line-height: 15px;
  }

  .remove {
    position: absolute;
    inset: 2px 2px auto auto;
  }
</style>
