<script lang="ts">
  import type { Specimen } from '../../api/types';
  import { eyes } from '../../bench/eyes.svelte';
  import { typeVars } from '../../words/lettering';
  import Chart from './Chart.svelte';
  import ColorTable from './ColorTable.svelte';
  import Diagram from './Diagram.svelte';
  import Letter from './Letter.svelte';
  import MoreCharts from './MoreCharts.svelte';
  import Post from './Post.svelte';
  import Slide from './Slide.svelte';
  import Table from './Table.svelte';
  import TitleSlide from './TitleSlide.svelte';
  import TurnedSlide from './TurnedSlide.svelte';
  import WebPage from './WebPage.svelte';

  /** Everything that the theme is shown on, painted from one record; content, so it is inert and summed up beside it. */
  interface Props {
    specimen: Specimen;
    name: string;
    moment: 'now' | 'before';
    /** In the whole window there is room for columns, in half of it for two. */
    room?: 'dock' | 'half' | 'window';
  }

  const { specimen, name, moment, room = 'dock' }: Props = $props();

  /** Before there was a brand there was no logo. */
  const marked = $derived(moment === 'now');
</script>

<div
  class="sheets"
  class:half={room === 'half'}
  class:wide={room === 'window'}
  class:seen={eyes.matrix}
  inert
  data-specimens
  data-moment={moment}
  style={typeVars(specimen)}
  style:--text1={specimen.text1}
  style:--page1={specimen.page1}
  style:--text2={specimen.text2}
  style:--page2={specimen.page2}
  style:--lead={specimen.lead}
  style:--on-lead={specimen.onLead}
  style:--beside-lead={specimen.besideLead}
  style:--table-head={specimen.tableHead}
  style:--on-table-head={specimen.onTableHead}
  style:--band={specimen.band}
  style:--on-band={specimen.onBand}
  style:--bullet={specimen.bullet}
  style:--bullet-turned={specimen.turnedBullet}
  style:--raised={specimen.raised}
  style:--on-raised={specimen.onRaised}
  style:--link={specimen.link}
  style:--followed={specimen.followedLink}
  style:--link-turned={specimen.turnedLink}
>
  <Slide {name} {specimen} {marked} />
  <Chart {specimen} />
  <Table />
  <TitleSlide {name} {specimen} {marked} />
  <TurnedSlide {specimen} {marked} />
  <MoreCharts {specimen} />
  <Diagram {specimen} />
  <ColorTable {specimen} />
  <Letter {name} {specimen} {marked} />
  <Post {specimen} {marked} />
  <WebPage {name} {specimen} {marked} />
</div>

<style>
  .sheets {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(0, 308px));
    gap: 10px;
    align-items: start;
  }

  .half {
    grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
  }

  .wide {
    grid-template-columns: repeat(auto-fill, minmax(340px, 1fr));
    gap: 20px;
  }

  .seen {
    filter: url('#eyes');
  }
</style>
