<script lang="ts">
  import type { GuideSection } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import EditableText from '../../ui/EditableText.svelte';

  /** What is written of a section where it stands: its title and a note. */
  interface Props {
    section: GuideSection;
    /** Whether there is room for it above the section. */
    above: boolean;
  }

  const { section, above }: Props = $props();
  const bench = useBench();

  const name = $derived(section.title || section.usualTitle);
</script>

<div class="fields" class:above>
  <label>
    <span>Title</span>
    <EditableText
      label="Title of {name}"
      value={section.title}
      placeholder={section.usualTitle}
      onsave={(title) => bench.guide.setSection(section.kind, { title })}
    />
  </label>
  <label>
    <span>Note</span>
    <EditableText
      label="Note on {name}"
      value={section.note}
      placeholder="A sentence of your own"
      maxlength={400}
      onsave={(note) => bench.guide.setSection(section.kind, { note })}
    />
  </label>
  <button
    type="button"
    onclick={() => bench.guide.setSection(section.kind, { shown: false })}
    aria-label="Leave out {name}">Leave out</button
  >
</div>

<style>
  .fields {
    display: flex;
    position: absolute;
    z-index: 1;
    top: 0;
    right: 0;
    left: 0;
    flex-wrap: wrap;
    gap: 6px 12px;
    align-items: center;
    padding: 6px 8px;
    border: var(--rule);
    background: var(--paper);
    color: var(--ink);
  }

  .above {
    transform: translateY(calc(-100% - 8px));
  }

  label {
    display: flex;
    flex: 1 1 108px;
    gap: 6px;
    align-items: center;
    font-size: var(--size-small);
  }

  label :global(div) {
    flex: 1;
  }

  button {
    text-decoration: underline;
    text-underline-offset: 3px;
  }
</style>
