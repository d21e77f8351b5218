<script lang="ts">
  import type { FileTask } from '../../bench/existing.svelte';
  import ChooseOffice from './ChooseOffice.svelte';

  interface Props {
    task: FileTask;
  }

  const { task }: Props = $props();
</script>

<div>
  {#if task === 'recolour'}
    <h2>Drop a drawing or a flat picture here</h2>
    <p>
      Icons, illustrations and patterns that came from elsewhere take this brand’s colours: the first
      arrangement is dealt at once, others until one pleases. What you drop stays as it is.
    </p>
    <ChooseOffice look="main" words="Choose graphics" />
    <p class="kinds">.svg; of .png .jpg .gif .bmp .webp those that are drawn in flat colours</p>
  {:else}
    <h2>Drop a presentation, document or workbook here</h2>
    <p>
      <b>Dress</b> puts this brand on it: theme and fonts written in, colours set by hand brought to slots,
      the old logo replaced. <b>Check</b> finds what is off in it and mends it. The file that you drop stays as
      it is; a new one is made of it.
    </p>
    <ChooseOffice look="main" words="Choose files" />
    <p class="kinds">
      .pptx .potx .docx .dotx .xlsx .xltx; of .odp .odt .ods the colours of styles, since they know no theme
    </p>
  {/if}
</div>

<style>
  div {
    display: grid;
    place-items: center;
    align-content: center;
    gap: 16px;
    min-height: 420px;
    padding: 24px;
    border: 1.5px dashed var(--ink-3);
    text-align: center;
  }

  h2 {
    font-size: var(--size-large);
    line-height: 32px;
  }

  p {
    max-width: 560px;
  }

  .kinds {
    color: var(--ink-2);
    font-size: var(--size-small);
  }
</style>
