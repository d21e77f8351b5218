<script lang="ts">
  import type { SvelteSet } from 'svelte/reactivity';
  import type { DressPlan } from '../../api/types';
  import Button from '../../ui/Button.svelte';

  /** What is told before anything is done, and what can be chosen about it. */
  interface Props {
    plan: DressPlan;
    /** Parts of masters that keep their theme. */
    leftMasters: SvelteSet<string>;
    leftLogos: boolean;
    smallerHeadings: boolean;
    /** Whether the pages go on the template's master and layouts. */
    templateMaster: boolean;
    onlogos: (left: boolean) => void;
    onheadings: (smaller: boolean) => void;
    onmaster: (taken: boolean) => void;
    onpage: (page: number) => void;
  }

  const {
    plan,
    leftMasters,
    leftLogos,
    smallerHeadings,
    templateMaster,
    onlogos,
    onheadings,
    onmaster,
    onpage,
  }: Props = $props();

  function toggle(part: string) {
    if (!leftMasters.delete(part)) {
      leftMasters.add(part);
    }
  }
</script>

<section aria-label="Told before anything is done">
  <h2>Told before anything is done</h2>
  {#if plan.warnings.length === 0}
    <p>Nothing stands in the way.</p>
  {/if}
  <ul>
    {#if plan.masters.length > 0}
      <li>
        <span>
          {templateMaster
            ? 'Pages go on the layouts of your template: what nobody moved takes its place there.'
            : 'Its own master and layouts stay, in your colours and fonts.'}
          {plan.noTemplateMaster ?? ''}
        </span>
        {#if !plan.noTemplateMaster}
          <label>
            <input type="checkbox" checked={templateMaster} onchange={() => onmaster(!templateMaster)} />
            take the template’s instead
          </label>
        {/if}
      </li>
    {/if}
    {#each plan.warnings as warning (warning.kind)}
      <li>
        <span>{warning.sentence}</span>
        {#if warning.kind === 'several-masters'}
          {#each plan.masters as master (master.part)}
            <label>
              <input
                type="checkbox"
                checked={!leftMasters.has(master.part)}
                onchange={() => toggle(master.part)}
              />
              {master.name || 'one without a name'}
            </label>
          {/each}
        {:else if warning.kind === 'old-logo'}
          <label>
            <input type="checkbox" checked={!leftLogos} onchange={() => onlogos(!leftLogos)} />
            replace it
          </label>
        {:else if warning.kind === 'headings-wrap'}
          <label>
            <input type="checkbox" checked={smallerHeadings} onchange={() => onheadings(!smallerHeadings)} />
            make them smaller
          </label>
        {/if}
        {#each warning.pages.slice(0, 8) as page (page)}
          <Button look="quiet" aria-label="Show page {page}" onclick={() => onpage(page)}>{page}</Button>
        {/each}
      </li>
    {/each}
  </ul>
</section>

<style>
  section {
    margin-top: 16px;
  }

  h2 {
    margin-bottom: 4px;
    font-size: var(--size-text);
  }

  li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 2px 10px;
    min-height: 30px;
    padding: 3px 0;
    border-bottom: var(--hairline);
    line-height: 18px;
  }

  label {
    display: inline-flex;
    align-items: center;
    gap: 4px;
    font-weight: 600;
  }

  li :global(button) {
    min-height: 24px;
    padding: 0 4px;
  }
</style>
