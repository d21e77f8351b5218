<script lang="ts">
  import { pictureOf } from '../../api/addresses';
  import { isPicture } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import ChooseLogo from './ChooseLogo.svelte';

  interface Props {
    oninitials: () => void;
  }

  const { oninitials }: Props = $props();
  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  const pictures = $derived(bench.sheet.sources.filter(isPicture).slice(0, 8));
</script>

<section>
  <h2>Drop a logo here</h2>
  <p>
    SVG, PNG with a transparent ground, or PDF. The first one is the primary logo, and the other forms are
    made of it.
  </p>
  <div class="ways">
    <ChooseLogo look="main">Choose a logo</ChooseLogo>
    <Button look="quiet" onclick={oninitials}>There is none: make an icon from initials</Button>
  </div>
  {#if pictures.length > 0}
    <h3>Or take one from the sheet</h3>
    <ul>
      {#each pictures as source (source.id)}
        <li>
          <button type="button" onclick={() => doing.do(() => bench.takeLogo(source, 'primary'))}>
            <img src={pictureOf(bench.id, source.id)} alt="" />
            <span>{source.name}</span>
          </button>
        </li>
      {/each}
    </ul>
  {/if}
</section>

<style>
  section {
    display: grid;
    gap: 10px;
    padding: 28px;
    border: 1.5px dashed var(--ink);
    background: var(--paper);
  }

  h2 {
    font-size: var(--size-title);
  }

  h3 {
    margin-top: 12px;
    font-size: var(--size-body);
  }

  .ways {
    display: flex;
    gap: 16px;
    align-items: center;
  }

  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, 132px);
    gap: 12px;
  }

  li button {
    display: grid;
    gap: 4px;
    width: 100%;
    text-align: left;
  }

  img {
    width: 132px;
    height: 72px;
    border: var(--hairline);
    object-fit: contain;
  }

  span {
    overflow: hidden;
    font-size: var(--size-small);
    text-overflow: ellipsis;
    white-space: nowrap;
  }
</style>
