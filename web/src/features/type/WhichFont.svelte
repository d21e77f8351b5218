<script lang="ts">
  import { pictureOf } from '../../api/addresses';
  import { isPicture, type FaceMatches, type PictureSource, type TypeRole } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import Dialog from '../../ui/Dialog.svelte';
  import TextField from '../../ui/TextField.svelte';
  import { typeRoleName } from '../../words/type';
  import LaidOver from './LaidOver.svelte';
  import { Marked } from '../../bench/marked.svelte';
  import MarkPart from '../../ui/MarkPart.svelte';

  interface Props {
    /** The role that a face is set for. */
    role: TypeRole;
    onclose: () => void;
  }

  const { role, onclose }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  const pictures: PictureSource[] = $derived(bench.sheet.sources.filter(isPicture));
  let sourceId = $state(bench.sheet.shownId);
  const source = $derived(pictures.find(({ id }) => id === sourceId) ?? pictures[0]);
  const marked = $derived(source && new Marked(source));

  let text = $state('');
  let found = $state.raw<FaceMatches>();
  /** The part that was compared. */
  let part = $state.raw<Marked['part']>();

  async function compare(event: SubmitEvent) {
    event.preventDefault();
    if (!source || !marked) {
      return;
    }
    found = undefined;
    part = marked.part;
    await doing.once(async () => {
      found = await bench.type.match(source.id, marked.part, text);
    });
  }

  function take(family: string, weight: number, italic: boolean) {
    void doing.do(async () => {
      await bench.type.set(role, { family, weight, italic });
      bench.say(`${typeRoleName(role)} set in ${family}.`, true);
      onclose();
    });
  }
</script>

<Dialog title="Which font is in this picture?" wide {onclose}>
  <p>
    Mark one word closely and type its letters as they are drawn. What comes back is a guess, from their
    shapes.
  </p>
  {#if source && marked}
    <div class="asked">
      <MarkPart
        size={source}
        name={source.name}
        what="the word"
        {marked}
        picture={pictureOf(bench.id, source.id)}
      />
      <form onsubmit={compare}>
        {#if pictures.length > 1}
          <label>
            Picture
            <select bind:value={sourceId} onchange={() => (found = undefined)}>
              {#each pictures as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
            </select>
          </label>
        {/if}
        <TextField label="Letters in the marked part" bind:value={text} required maxlength={40} />
        <Button look="main" type="submit" disabled={doing.adding || !text.trim()}>Compare</Button>
        {#if doing.adding}<p role="status">Comparing with every face at hand…</p>{/if}
        <Complaint text={doing.problem} />
      </form>
    </div>
    {#if found && part}
      <p role="status" class="verdict">
        {found.none
          ? 'Probably none of them: the nearest ones stand here, none of them is near.'
          : `Perhaps ${found.matches[0]?.family}.`}
      </p>
      <ol aria-label="Nearest faces">
        {#each found.matches.slice(0, 5) as match (match.id)}
          <li>
            <LaidOver {source} {part} picture={pictureOf(bench.id, source.id)} outline={match.outline} />
            <span><b>{match.family}</b> {match.weight}{match.style === 'italic' ? ' italic' : ''}</span>
            <span>alike {Math.round(match.likeness * 100)} %</span>
            <Button onclick={() => take(match.family, match.weight, match.style === 'italic')}>
              Set the {typeRoleName(role)} in it
            </Button>
          </li>
        {/each}
      </ol>
    {/if}
  {/if}
</Dialog>

<style>
  .asked {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 240px;
    gap: 16px;
    margin: 10px 0;
  }

  form {
    display: grid;
    gap: 10px;
    align-content: start;
  }

  label {
    display: grid;
    gap: 4px;
    font-weight: 600;
  }

  .verdict {
    font-weight: 600;
  }

  ol {
    display: grid;
    gap: 8px;
    margin-top: 8px;
  }

  li {
    display: grid;
    grid-template-columns: 300px minmax(0, 1fr) 90px auto;
    gap: 12px;
    align-items: center;
  }
</style>
