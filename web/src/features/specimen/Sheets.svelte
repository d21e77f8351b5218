<script lang="ts">
  import type { Specimen } from '../../api/types';
  import { eyes } from '../../app/eyes.svelte';
  import Chart from './Chart.svelte';
  import DarkSlide from './DarkSlide.svelte';
  import Letter from './Letter.svelte';
  import MoreCharts from './MoreCharts.svelte';
  import Post from './Post.svelte';
  import Slide from './Slide.svelte';
  import Table from './Table.svelte';
  import TitleSlide from './TitleSlide.svelte';
  import WebPage from './WebPage.svelte';

  /** Everything that the theme is shown on; content, so it is inert and summed up beside it. */
  interface Props {
    specimen: Specimen;
    name: string;
    moment: 'now' | 'before';
    /** In the whole window there is room for columns. */
    wide?: boolean;
  }

  const { specimen, name, moment, wide = false }: Props = $props();
</script>

<div class="sheets" class:wide class:seen={eyes.matrix} inert data-specimens data-moment={moment}>
  <Slide {specimen} {name} />
  <Chart {specimen} />
  <Table {specimen} />
  <TitleSlide {specimen} {name} />
  <DarkSlide {specimen} />
  <MoreCharts {specimen} />
  <Letter {specimen} {name} />
  <Post {specimen} />
  <WebPage {specimen} {name} />
</div>

<style>
  .sheets {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(0, 308px));
    gap: 10px;
    align-items: start;
  }

  .wide {
    grid-template-columns: repeat(auto-fill, minmax(340px, 1fr));
    gap: 20px;
  }

  .seen {
    filter: url('#eyes');
  }
</style>
