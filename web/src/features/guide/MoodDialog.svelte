<script lang="ts">
  import ChevronDown from '@lucide/svelte/icons/chevron-down';
  import ChevronUp from '@lucide/svelte/icons/chevron-up';
  import Crop from '@lucide/svelte/icons/crop';
  import X from '@lucide/svelte/icons/x';
  import { pictureOf } from '../../api/addresses';
  import { isPicture, type MoodPicture } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import { Marked } from '../../bench/marked.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import Dialog from '../../ui/Dialog.svelte';
  import IconButton from '../../ui/IconButton.svelte';
  import MarkPart from '../../ui/MarkPart.svelte';
  import Segments from '../../ui/Segments.svelte';

  interface Props {
    mood: readonly MoodPicture[];
    byHand: boolean;
    onclose: () => void;
  }

  const { mood, byHand, onclose }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  const WAYS = [
    { value: 'rows', name: 'rows of equal height' },
    { value: 'hand', name: 'each as wide as I say' },
  ] as const;
  const SHARES = [
    { value: 'third', name: '⅓' },
    { value: 'half', name: '½' },
    { value: 'full', name: 'full' },
  ] as const;
  const WHOLE = { x: 0, y: 0, width: 1, height: 1 };

  /** Place of the picture that is cropped. */
  let cropping = $state<number>();

  const pictures = $derived(bench.sheet.sources.filter(isPicture));
  const cropped = $derived(cropping === undefined ? undefined : mood[cropping]);
  const croppedSource = $derived(pictures.find(({ id }) => id === cropped?.source));
  const marked = $derived.by(() => {
    if (!cropped || !croppedSource) {
      return undefined;
    }
    const { width, height } = croppedSource;
    const part = new Marked({ width, height });
    part.set({
      x: cropped.x * width,
      y: cropped.y * height,
      width: cropped.width * width,
      height: cropped.height * height,
    });
    return part;
  });

  function nameOf(source: string): string {
    return bench.sheet.sources.find(({ id }) => id === source)?.name ?? 'a picture that is gone';
  }

  /** The same picture may stand there twice, cropped in other ways. */
  function calledAt(place: number): string {
    const source = mood[place]?.source ?? '';
    const before = mood.slice(0, place).filter((picture) => picture.source === source).length;
    return before === 0 ? nameOf(source) : `${nameOf(source)}, ${before + 1}`;
  }

  function sizeOf({ width, height }: { width: number; height: number }) {
    return { width, height };
  }

  function sizeOfSource(source: string) {
    const found = pictures.find(({ id }) => id === source);
    return { width: found?.width ?? 1, height: found?.height ?? 1 };
  }

  /** What is seen of a picture, in its pixels. */
  function seenOf({ source, x, y, width, height }: MoodPicture): string {
    const size = sizeOfSource(source);
    return [x * size.width, y * size.height, width * size.width, height * size.height].join(' ');
  }

  function isWhole({ width, height }: MoodPicture): boolean {
    return width === 1 && height === 1;
  }

  async function set(pictures: MoodPicture[], hand = byHand) {
    await doing.do(() => bench.guide.setMood(pictures, hand));
  }

  function add(source: string) {
    return set([...mood, { source, ...WHOLE, share: 'third' }]);
  }

  function change(place: number, part: Partial<MoodPicture>) {
    return set(mood.map((picture, index) => (index === place ? { ...picture, ...part } : picture)));
  }

  function move(place: number, to: number) {
    const moved = [...mood];
    const [picture] = moved.splice(place, 1);
    if (picture && to >= 0 && to < mood.length) {
      moved.splice(to, 0, picture);
      return set(moved);
    }
    return undefined;
  }

  async function keepCrop() {
    if (cropping !== undefined && marked && croppedSource) {
      const { x, y, width, height } = marked.part;
      const { width: wide, height: tall } = croppedSource;
      await change(cropping, { x: x / wide, y: y / tall, width: width / wide, height: height / tall });
      cropping = undefined;
    }
  }
</script>

<Dialog title="Mood pictures" wide {onclose}>
  {#if marked && croppedSource && cropping !== undefined}
    <p>Drag over what is to be seen of {croppedSource.name}, or say it in pixels.</p>
    <MarkPart
      size={croppedSource}
      name={croppedSource.name}
      picture={pictureOf(bench.id, croppedSource.id)}
      {marked}
      what="what is to be seen"
    />
    <p class="end">
      <Button onclick={() => (cropping = undefined)}>Back</Button>
      <Button onclick={() => marked.set({ x: 0, y: 0, ...sizeOf(croppedSource) })}>Show all of it</Button>
      <Button look="main" onclick={keepCrop}>Show this part</Button>
    </p>
  {:else}
    <p>
      <Segments
        label="How they stand"
        options={WAYS}
        value={byHand ? 'hand' : 'rows'}
        onchange={(way) => set([...mood], way === 'hand')}
      />
    </p>
    <ol>
      {#each mood as picture, place (place)}
        {@const name = calledAt(place)}
        <li>
          <svg viewBox={seenOf(picture)} preserveAspectRatio="xMidYMid slice" aria-hidden="true">
            <image href={pictureOf(bench.id, picture.source)} {...sizeOfSource(picture.source)} />
          </svg>
          <span>{name}{isWhole(picture) ? '' : ', cropped'}</span>
          {#if byHand}
            <Segments
              label="Width of {name}"
              options={SHARES}
              value={picture.share}
              onchange={(share) => change(place, { share })}
            />
          {/if}
          <IconButton label="{name} one place up" onclick={() => move(place, place - 1)}
            ><ChevronUp size={18} aria-hidden="true" /></IconButton
          >
          <IconButton label="{name} one place down" onclick={() => move(place, place + 1)}
            ><ChevronDown size={18} aria-hidden="true" /></IconButton
          >
          <IconButton label="Crop {name}" onclick={() => (cropping = place)}
            ><Crop size={18} aria-hidden="true" /></IconButton
          >
          <IconButton label="Leave {name} out" onclick={() => set(mood.filter((_, index) => index !== place))}
            ><X size={18} aria-hidden="true" /></IconButton
          >
        </li>
      {:else}
        <li class="none">No pictures yet. Choose those that carry the feeling of the brand.</li>
      {/each}
    </ol>
    <Complaint text={doing.problem} />
    {#if pictures.length > 0}
      <h3>On the sheet of sources</h3>
      <div class="others">
        {#each pictures as { id, name } (id)}
          <button type="button" aria-label="Add {name}" onclick={() => add(id)}>
            <img src={pictureOf(bench.id, id)} alt="" />
            <span>{name}</span>
          </button>
        {/each}
      </div>
    {:else}
      <p>There are no pictures on the sheet either; drop some anywhere on the bench.</p>
    {/if}
  {/if}
</Dialog>

<style>
  ol {
    margin: 0;
    padding: 0;
    list-style: none;
  }

  li {
    display: flex;
    gap: 8px;
    align-items: center;
    padding: 4px 0;
    border-bottom: var(--hairline);
  }

  li svg {
    flex: none;
  }

  li span {
    flex: 1;
  }

  .none {
    color: var(--ink-2);
  }

  img,
  svg {
    width: 96px;
    height: 60px;
    object-fit: cover;
    background: var(--well);
  }

  h3 {
    margin: 16px 0 6px;
    font-size: var(--size-text);
  }

  .others {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
  }

  .others button {
    display: grid;
    gap: 2px;
    width: 96px;
    font-size: var(--size-small);
    text-align: left;
    overflow-wrap: anywhere;
  }

  .end {
    display: flex;
    gap: 12px;
    justify-content: flex-end;
  }
</style>
