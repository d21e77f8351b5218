<script lang="ts">
  import { deliveryOf } from '../../api/addresses';
  import { useBench } from '../../bench/bench.svelte';

  const bench = useBench();

  const SIZES = [180, 48, 32, 16];
</script>

<section aria-label="Icon at true size">
  <h2>Icon at true size</h2>
  {#each SIZES as size (size)}
    <figure>
      <img
        src={bench.logos.icon(size)}
        width={size === 180 ? 96 : size}
        height={size === 180 ? 96 : size}
        alt="Icon, {size} pixels"
      />
      <figcaption>{size}{size === 180 ? ', smaller here' : ''}</figcaption>
    </figure>
  {/each}
  <div>
    <p>Each size is drawn anew: at 16 and 32 what would be thinner than a pixel is left out or thickened.</p>
    <a href={deliveryOf(bench.id, 'icon-set', bench.theme.id)} download
      >Download all sizes<span class="visually-hidden">&nbsp;of the icon, with manifest</span></a
    >
  </div>
</section>

<style>
  section {
    display: flex;
    gap: 16px;
    align-items: center;
    padding: 10px 14px;
    background: var(--paper);
  }

  h2 {
    width: 66px;
    font-size: var(--size-body);
    line-height: 19px;
  }

  figure {
    display: grid;
    gap: 4px;
    justify-items: center;
  }

  figcaption {
    font: 400 var(--size-small) / 16px var(--code);
    text-align: center;
  }

  div {
    display: grid;
    gap: 6px;
    flex: 1;
    font-size: var(--size-small);
    line-height: 16px;
  }

  a {
    font-weight: 600;
  }
</style>
