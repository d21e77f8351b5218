<script lang="ts">
  import ArrowDown from '@lucide/svelte/icons/arrow-down';
  import ArrowUp from '@lucide/svelte/icons/arrow-up';
  import type { Group } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import EditableText from '../../ui/EditableText.svelte';
  import type { Carrying } from '../carry/carrying.svelte';
  import IconButton from '../../ui/IconButton.svelte';

  interface Props {
    group: Group;
    count: number;
    carrying: Carrying;
  }

  const { group, count, carrying }: Props = $props();
  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  const groups = $derived(bench.brand.groups.map(({ name }) => name));
  const place = $derived(groups.indexOf(group.name));

  const move = (by: number) =>
    doing.do(async () => {
      const { name } = group;
      const to = place + by;
      await carrying.order(() => ({
        what: `The group ${name} moves to place ${to + 1}`,
        look: () => bench.palette.tryMovingGroup(name, to),
        carry: () => bench.palette.moveGroup(name, to),
      }));
    });

  const remove = () =>
    doing.do(async () => {
      const { name } = group;
      await bench.palette.removeGroup(name);
      bench.say(`The group ${name} is taken away; its colours are in the core.`, true);
    });
</script>

<div class="title">
  {#if group.own}
    <EditableText
      label="Name of the group {group.name}"
      value={group.name}
      maxlength={40}
      onsave={(to) => bench.palette.renameGroup(group.name, to)}
    />
  {/if}
  <h2 class:visually-hidden={group.own}>{group.name}</h2>
  <span>{count === 1 ? '1 colour' : `${count} colours`}</span>
  <span class="gap"></span>
  <IconButton label="Move the group {group.name} up" disabled={place === 0} onclick={() => move(-1)}>
    <ArrowUp size={18} aria-hidden="true" />
  </IconButton>
  <IconButton
    label="Move the group {group.name} down"
    disabled={place === groups.length - 1}
    onclick={() => move(1)}
  >
    <ArrowDown size={18} aria-hidden="true" />
  </IconButton>
  {#if group.own}
    <Button look="quiet" onclick={remove}
      >Take the group away<span class="visually-hidden">: {group.name}</span></Button
    >
  {/if}
</div>

<style>
  .title {
    display: flex;
    gap: 10px;
    align-items: center;
    min-height: 36px;
    padding-top: 8px;
  }

  .gap {
    flex: 1;
  }

  span {
    color: var(--ink-2);
    font-size: var(--size-small);
  }
</style>
