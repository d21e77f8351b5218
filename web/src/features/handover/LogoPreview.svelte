<script lang="ts">
  import { useBench } from '../../bench/bench.svelte';
  import { formName } from '../../words/logos';

  const bench = useBench();

  const form = $derived(
    (['primary', 'short', 'submark', 'icon'] as const).find((one) => bench.logos.has(one)),
  );
  const grounds = $derived([bench.specimen.page1, bench.specimen.text1]);
</script>

{#if form}
  <div>
    {#each grounds as ground (ground)}
      <span style:--ground={ground}>
        <img
          src={bench.logos.picture(form, bench.logos.versionOn(form, ground), 400)}
          alt="The {formName(form)} on {ground.slice(1)}"
        />
      </span>
    {/each}
  </div>
{/if}

<style>
  div {
    display: grid;
    grid-template-columns: 1fr 1fr;
    height: 100%;
  }

  span {
    display: grid;
    place-items: center;
    padding: 12px;
    border: var(--hairline);
    background: var(--ground);
  }

  img {
    max-width: 100%;
    max-height: 64px;
  }
</style>
