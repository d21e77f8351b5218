<script lang="ts">
  import { pictureOf } from '../../api/addresses';
  import { useBench } from '../../app/bench.svelte';

  const bench = useBench();
</script>

<ul aria-label="Pictures">
  {#each bench.sources as source (source.id)}
    <li>
      <button
        type="button"
        aria-pressed={source.id === bench.sourceId}
        title={source.name}
        onclick={() => (bench.sourceId = source.id)}
      >
        <img src={pictureOf(bench.id, source.id)} alt={source.name} />
      </button>
    </li>
  {/each}
  <li class="drop" aria-hidden="true">drop here</li>
</ul>

<style>
  ul {
    display: flex;
    flex-direction: column;
    gap: 8px;
  }

  button {
    display: grid;
    place-items: center;
    width: 112px;
    height: 74px;
    padding: 6px;
    overflow: hidden;
    border: 1.5px solid var(--hair);
    background: var(--paper);
  }

  button[aria-pressed='true'] {
    padding: 4.5px;
    border: 3px solid var(--ink);
  }

  img {
    width: 100%;
    height: 100%;
    object-fit: contain;
  }

  .drop {
    display: grid;
    place-items: center;
    height: 74px;
    border: 1.5px dashed var(--hair);
    color: var(--ink-2);
    font-size: var(--size-small);
  }
</style>
