<script lang="ts">
  import X from '@lucide/svelte/icons/x';
  import { pictureOf } from '../../api/addresses';
  import { isPicture, type BrandElement } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import EditableText from '../../ui/EditableText.svelte';
  import IconButton from '../../ui/IconButton.svelte';
  import { elementKind } from '../../words/logos';

  /** What belongs to the brand besides its logo, each with a name and a sentence. */
  const bench = useBench();
  const doing = new Doing();

  const KINDS: readonly BrandElement['kind'][] = ['icons', 'pattern', 'texture', 'callout', 'character'];

  const elements = $derived(bench.brand.logos.elements);
  const pictures = $derived(bench.sheet.sources.filter(isPicture));

  function add(sourceId: string) {
    const source = pictures.find(({ id }) => id === sourceId);
    if (source) {
      const name = source.name.replace(/\.\w+$/, '').slice(0, 80) || 'Element';
      void doing.once(() => bench.logos.addElement({ kind: 'pattern', name, sentence: '', sourceId }));
    }
  }

  function drop({ id, name }: BrandElement) {
    void doing.do(async () => {
      await bench.logos.dropElement(id);
      bench.say(`${name} belongs to the brand no more.`, true);
    });
  }
</script>

<section aria-label="Brand elements">
  <h2>Brand elements</h2>
  <p>Icons, patterns, textures, callouts and characters that belong to the brand.</p>
  {#if pictures.length > 0}
    <select
      aria-label="Add an element from the sheet"
      value=""
      onchange={(event) => {
        add(event.currentTarget.value);
        event.currentTarget.value = '';
      }}
    >
      <option value="">add one from the sheet…</option>
      {#each pictures as source (source.id)}<option value={source.id}>{source.name}</option>{/each}
    </select>
  {:else}
    <p>Drop a picture on Gather first; it can be added here.</p>
  {/if}
  <Complaint text={doing.problem} />
  <ul>
    {#each elements as element (element.id)}
      <li>
        <img src={pictureOf(bench.id, element.source)} alt="" />
        <div>
          <EditableText
            label="Name of the element"
            value={element.name}
            maxlength={80}
            onsave={(name) => bench.logos.changeElement({ ...element, name })}
          />
          <EditableText
            label="Sentence about {element.name}"
            value={element.sentence}
            placeholder="say what it is for"
            maxlength={300}
            onsave={(sentence) => bench.logos.changeElement({ ...element, sentence })}
          />
        </div>
        <select
          aria-label="Kind of {element.name}"
          value={element.kind}
          onchange={(event) => {
            const kind = event.currentTarget.value as BrandElement['kind'];
            void doing.do(() => bench.logos.changeElement({ ...element, kind }));
          }}
        >
          {#each KINDS as kind (kind)}<option value={kind}>{elementKind(kind)}</option>{/each}
        </select>
        <IconButton label="Drop {element.name}" onclick={() => drop(element)}
          ><X size={16} aria-hidden="true" /></IconButton
        >
      </li>
    {/each}
  </ul>
</section>

<style>
  section {
    margin-top: 16px;
    padding-top: 8px;
    border-top: var(--rule);
  }

  h2 {
    font-size: var(--size-lead);
  }

  p {
    margin-bottom: 6px;
    font-size: var(--size-small);
  }

  ul {
    display: grid;
    gap: 8px;
    margin-top: 8px;
  }

  li {
    display: grid;
    grid-template-columns: 96px 1fr auto auto;
    gap: 12px;
    align-items: center;
  }

  img {
    width: 96px;
    height: 54px;
    border: var(--hairline);
    object-fit: cover;
  }
</style>
