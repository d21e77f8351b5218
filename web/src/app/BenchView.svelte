<script lang="ts">
  import { Doing } from '../bench/doing.svelte';
  import { untrack } from 'svelte';
  import Codes from '../features/gather/Codes.svelte';
  import DropQuestion from './DropQuestion.svelte';
  import Existing from '../features/existing/Existing.svelte';
  import Contrast from '../features/contrast/Contrast.svelte';
  import Gather from '../features/gather/Gather.svelte';
  import Guide from '../features/guide/Guide.svelte';
  import HandOver from '../features/handover/HandOver.svelte';
  import Logos from '../features/logos/Logos.svelte';
  import Palette from '../features/palette/Palette.svelte';
  import Roles from '../features/roles/Roles.svelte';
  import InUse from '../features/specimen/InUse.svelte';
  import Type from '../features/type/Type.svelte';
  import Theme from '../features/theme/Theme.svelte';
  import { carriesFiles } from '../ui/drag';
  import { Bench, provideBench } from '../bench/bench.svelte';
  import { isGraphic, isOffice, type FileTask } from '../bench/existing.svelte';
  import { isFont } from '../bench/families';
  import EyesFilter from './EyesFilter.svelte';
  import Head from './Head.svelte';
  import KeyHelp from './KeyHelp.svelte';
  import { keys } from '../bench/keys.svelte';
  import { leading } from '../bench/leading.svelte';
  import LeadingLine from './LeadingLine.svelte';
  import NoticeLine from './NoticeLine.svelte';
  import Rail from './Rail.svelte';
  import { addressOf, router, SHELF_ADDRESS } from '../bench/route.svelte';
  import { STATIONS, type Station } from '../bench/stations';
  import Strip from './Strip.svelte';

  interface Props {
    id: string;
    station: Station;
  }

  const { id, station }: Props = $props();

  // The view is made anew for every brand, so the id never changes under it.
  const bench = provideBench(new Bench(untrack(() => id)));
  const doing = new Doing((problem) => bench.say(problem));
  void bench.open();

  $effect(() => bench.kept.follow());

  let helping = $state(false);
  /** The guide takes the room of the specimens, until somebody wants them. */
  let specimens = $state(false);
  const roomy = $derived(station === 'guide' || station === 'existing');
  const docked = $derived(!roomy || specimens);
  /** Files that may be wanted for several things, until somebody says for which. */
  let asked = $state.raw<File[]>([]);

  function take(files: Iterable<File>) {
    const fonts = [...files].filter(isFont);
    const office = [...files].filter(isOffice);
    const others = [...files].filter((file) => !isFont(file) && !isOffice(file));
    const graphics = station === 'existing' ? others.filter(isGraphic) : [];
    if (station === 'existing') {
      void bench.existing.take([...office, ...graphics]);
    } else {
      asked = office;
    }
    if (fonts.length > 0) {
      router.go(addressOf(id, 'type'));
      void bench.takeFonts(fonts);
    }
    if (others.length > 0 && station === 'logos') {
      void doing.do(() => bench.takeLogos(others));
    } else if (others.length > graphics.length) {
      router.go(addressOf(id, 'gather'));
      void bench.intake.take(others.filter((file) => !graphics.includes(file)));
    }
  }

  function colorsOf(files: File[]) {
    router.go(addressOf(id, 'gather'));
    void bench.intake.take(files);
  }

  function putOn(files: File[], task: FileTask) {
    bench.existing.task = task;
    router.go(addressOf(id, 'existing'));
    void bench.existing.take(files);
  }

  function isTyping(target: EventTarget | null): boolean {
    return (
      target instanceof HTMLElement &&
      target.matches('input:not([type=checkbox], [type=radio]), textarea, select')
    );
  }

  function onpaste(event: ClipboardEvent) {
    const files = [...(event.clipboardData?.files ?? [])];
    if (files.length > 0 && bench.kept.loaded) {
      event.preventDefault();
      take(files);
      return;
    }
    const text = event.clipboardData?.getData('text/plain') ?? '';
    if (text.trim() && bench.kept.loaded && !isTyping(event.target)) {
      event.preventDefault();
      bench.text = { content: text, from: 'pasted text' };
    }
  }

  function ondragover(event: DragEvent) {
    if (carriesFiles(event)) {
      event.preventDefault();
    }
  }

  function ondrop(event: DragEvent) {
    if (carriesFiles(event) && bench.kept.loaded) {
      event.preventDefault();
      take(event.dataTransfer?.files ?? []);
    }
  }

  async function step(direction: 'undo' | 'redo') {
    await doing.do(async () => {
      // What was made of a file is the last that was done there.
      const work = bench.existing;
      const ofFile = station === 'existing' && (direction === 'undo' ? work.canUndo : work.canRedo);
      const steps = ofFile ? work : bench.kept;
      await (direction === 'undo' ? steps.undo() : steps.redo());
    });
  }

  function onkeydown(event: KeyboardEvent) {
    // A list takes letters, but knows no steps of its own.
    const inList = event.target instanceof HTMLSelectElement;
    if ((isTyping(event.target) && !inList) || !bench.kept.loaded || document.querySelector('dialog[open]')) {
      return;
    }
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z') {
      event.preventDefault();
      void step(event.shiftKey ? 'redo' : 'undo');
      return;
    }
    if (inList || event.ctrlKey || event.metaKey || event.altKey || !keys.single) {
      return;
    }
    const target = STATIONS.find((candidate) => candidate.number === event.key);
    if (target) {
      router.go(addressOf(id, target.key));
    } else if (event.key === '/') {
      event.preventDefault();
      document.querySelector<HTMLElement>('[data-strip] button')?.focus();
    } else if (event.key === 'u' && roomy) {
      specimens = !specimens;
    } else if (event.key === '?') {
      helping = true;
    }
  }
</script>

<svelte:window {onpaste} ondragenter={ondragover} {ondragover} {ondrop} {onkeydown} />
<svelte:head>
  <title>{bench.kept.loaded ? `${bench.brand.name} - Zumbido` : 'Zumbido'}</title>
</svelte:head>

<EyesFilter />
{#if bench.kept.loaded}
  <div class="bench" class:docked>
    <Head onstep={step} onhelp={() => (helping = true)} />
    <Strip />
    <Rail {station} />
    <main>
      {#if leading.through(id)}
        <LeadingLine {id} {station} />
      {/if}
      <NoticeLine />
      {#if station === 'gather'}
        <Gather />
      {:else if station === 'palette'}
        <Palette />
      {:else if station === 'roles'}
        <Roles />
      {:else if station === 'theme'}
        <Theme />
      {:else if station === 'contrast'}
        <Contrast />
      {:else if station === 'type'}
        <Type />
      {:else if station === 'logos'}
        <Logos />
      {:else if station === 'guide'}
        <Guide specimens={docked} onspecimens={() => (specimens = !specimens)} />
      {:else if station === 'existing'}
        <Existing specimens={docked} onspecimens={() => (specimens = !specimens)} />
      {:else}
        <HandOver />
      {/if}
    </main>
    {#if docked}<InUse />{/if}
  </div>
{:else if bench.kept.problem}
  <main class="missing">
    <h1>This brand cannot be shown</h1>
    <p role="alert">{bench.kept.problem}</p>
    <p><a href={SHELF_ADDRESS}>Back to the shelf</a></p>
  </main>
{:else}
  <p class="missing" role="status">Opening the brand…</p>
{/if}

{#if bench.text}
  <Codes text={bench.text} onclose={() => (bench.text = undefined)} />
{/if}
{#if asked.length > 0}
  <DropQuestion
    files={asked}
    oncolors={(files) => colorsOf(files)}
    ontask={(files, task) => putOn(files, task)}
    onclose={() => (asked = [])}
  />
{/if}
{#if helping}
  <KeyHelp {station} onclose={() => (helping = false)} />
{/if}

<style>
  .bench {
    display: grid;
    grid-template: var(--head) var(--strip) 1fr / var(--rail) minmax(0, 1fr);
    grid-template-areas: 'head head' 'strip strip' 'rail station';
    height: 100vh;
  }

  .docked {
    grid-template-columns: var(--rail) minmax(0, 1fr) var(--dock);
    grid-template-areas: 'head head head' 'strip strip strip' 'rail station dock';
  }

  main {
    grid-area: station;
    padding: 14px 20px 24px;
    position: relative;
    overflow: auto;
    background: var(--board);
  }

  .missing {
    display: grid;
    gap: 12px;
    padding: 48px;
  }

  .missing h1 {
    font-size: var(--size-title);
  }

  @media (max-width: 899px) {
    .bench {
      display: block;
      height: auto;
    }
  }
</style>
