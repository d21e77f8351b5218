<script lang="ts">
  import X from '@lucide/svelte/icons/x';
  import type { TemplateDesign, Theme } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import { Resource } from '../../bench/resource.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import FullDialog from '../../ui/FullDialog.svelte';
  import IconButton from '../../ui/IconButton.svelte';
  import Segments from '../../ui/Segments.svelte';
  import LayoutThumb from './LayoutThumb.svelte';

  interface Props {
    theme: Theme;
    onclose: () => void;
  }

  const { theme, onclose }: Props = $props();
  const bench = useBench();
  const doing = new Doing();
  let size = $state<'wide' | 'standard'>('wide');

  const design = $derived(bench.brand.template);
  const layouts = new Resource(() => ({
    key: `${theme.id} ${size} ${bench.brand.revision}`,
    ask: (signal) => bench.handover.layouts(theme.id, size, signal),
  }));

  function choose(part: Partial<TemplateDesign>) {
    void doing.do(() => bench.handover.design({ ...design, ...part }));
  }
</script>

<FullDialog label="Layouts of the presentation template" {onclose}>
  <header>
    <h2>Presentation template</h2>
    <Segments
      label="Size of slides"
      options={[
        { value: 'wide', name: '16:9' },
        { value: 'standard', name: '4:3' },
      ]}
      value={size}
      onchange={(value) => (size = value)}
    />
    <span class="gap"></span>
    <IconButton label="Close" onclick={onclose}><X size={20} aria-hidden="true" /></IconButton>
  </header>
  <div class="choices">
    <span class="choice">
      <b>Title slide</b>
      <Segments
        label="What the title slide is made of"
        options={[
          { value: 'full', name: 'gradient' },
          { value: 'lower', name: 'band below' },
          { value: 'side', name: 'band at the side' },
          { value: 'plain', name: 'plain' },
        ]}
        value={design.title}
        onchange={(title) => choose({ title })}
      />
    </span>
    <span class="choice">
      <b>Bullets</b>
      <Segments
        label="What leads a point of a list"
        options={[
          { value: 'square', name: '▪ square' },
          { value: 'round', name: '• round' },
          { value: 'dash', name: '– dash' },
          { value: 'triangle', name: '► triangle' },
        ]}
        value={design.bullets}
        onchange={(bullets) => choose({ bullets })}
      />
    </span>
    <span class="choice">
      <b>Small logo</b>
      <Segments
        label="Corner of the small logo"
        options={[
          { value: 'upper-left', name: 'upper left' },
          { value: 'upper-right', name: 'upper right' },
          { value: 'lower-left', name: 'lower left' },
          { value: 'lower-right', name: 'lower right' },
        ]}
        value={design.corner}
        onchange={(corner) => choose({ corner })}
      />
    </span>
    {#if bench.brand.themes.length > 1}
      <span class="choice">
        <b>Other themes</b>
        <Segments
          label="Where the other themes of the brand stand"
          options={[
            { value: 'apart', name: 'a file each' },
            { value: 'together', name: 'in the same file' },
          ]}
          value={design.together ? 'together' : 'apart'}
          onchange={(where) => choose({ together: where === 'together' })}
        />
      </span>
    {/if}
  </div>
  <Complaint text={doing.problem ?? layouts.problem} />
  <ul aria-busy={layouts.slow}>
    {#each layouts.value ?? [] as layout (layout.name)}
      <li>
        <LayoutThumb {layout} specimen={theme.specimen} />
        {layout.name}
      </li>
    {/each}
  </ul>
</FullDialog>

<style>
  header,
  .choices {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 14px;
    margin-bottom: 12px;
  }

  .choices {
    gap: 8px 24px;
  }

  .choice {
    display: flex;
    gap: 8px;
    align-items: center;
  }

  .gap {
    flex: 1;
  }

  h2 {
    font-size: var(--size-title);
  }

  ul {
    display: grid;
    grid-template-columns: repeat(4, 1fr);
    gap: 16px;
    list-style: none;
  }
</style>
