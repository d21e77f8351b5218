import { SvelteSet } from 'svelte/reactivity';
import type { ColorMapping } from '../api/addresses';
import type {
  Deal,
  DealWish,
  ExistingFile,
  GraphicArea,
  GraphicAreas,
  MarkedFrame,
  Mood,
} from '../api/types';
import type { FileQuestions } from './filequestions';

/** How near colours lie that count as one, to begin with; ΔE00. */
const USUAL_DIFFERENCE = 3;
/** So many arrangements come at once. */
const HAND = 4;
/** So many are shown in all. */
const MOST = 24;

/** What somebody has decided about a graphic, so that it can be gone back to. */
interface Decided {
  mapping: ColorMapping;
  kept: string[];
  still: string[];
  marked: MarkedFrame[];
}

/** Colours that are dealt over a graphic until it pleases; nothing is written before somebody says so. */
export class Recolouring {
  readonly #ask: FileQuestions;
  readonly file: ExistingFile;
  #graphic = $state.raw<GraphicAreas>();
  #deals = $state.raw<Deal[]>([]);
  #ended = $state(false);
  /** How often was asked, by which older answers are told. */
  #dealing = 0;
  #weighing = 0;
  #mapping = $state.raw<ColorMapping>({});
  #weighed = $state.raw<Deal>();
  #past = $state.raw<Decided[]>([]);
  #future = $state.raw<Decided[]>([]);
  /** Hexes of areas that keep what they have. */
  readonly kept = new SvelteSet<string>();
  /** Hexes of areas that take no part. */
  readonly still = new SvelteSet<string>();
  #marked = $state.raw<MarkedFrame[]>([]);
  /** By hex what is read on it: as the server said. */
  #inks = $state.raw<Record<string, string>>({});
  /** What is dealt: nothing means all of the palette that may be used. */
  colors = $state.raw<string[]>([]);
  steps = $state(true);
  difference = $state(USUAL_DIFFERENCE);
  mood = $state<Mood>();
  /** Other graphics that take the same mapping. */
  together = $state.raw<string[]>([]);

  constructor(ask: FileQuestions, file: ExistingFile) {
    this.#ask = ask;
    this.file = file;
  }

  get graphic(): GraphicAreas | undefined {
    return this.#graphic;
  }

  get areas(): GraphicArea[] {
    return this.#graphic?.areas ?? [];
  }

  get deals(): Deal[] {
    return this.#deals;
  }

  /** Whether no other arrangement differs visibly from those that were shown. */
  get ended(): boolean {
    return this.#ended;
  }

  get mapping(): ColorMapping {
    return this.#mapping;
  }

  get marked(): MarkedFrame[] {
    return this.#marked;
  }

  /** What is shown, with what it costs. */
  get weighed(): Deal | undefined {
    return this.#weighed;
  }

  /** What an area has now. */
  colorOf(area: GraphicArea): string {
    return this.#mapping[area.hex] ?? area.hex;
  }

  /** What is read on it. */
  inkOf(area: GraphicArea): string {
    const hex = this.colorOf(area);
    return hex === area.hex ? area.ink : (this.#inks[hex] ?? area.ink);
  }

  #learn(dealt: readonly { to: string; ink: string }[]): void {
    this.#inks = { ...this.#inks, ...Object.fromEntries(dealt.map(({ to, ink }) => [to, ink])) };
  }

  get #wish(): DealWish {
    return {
      difference: this.difference,
      steps: this.steps,
      ...(this.colors.length > 0 ? { colors: this.colors } : {}),
      ...(this.kept.size > 0
        ? { keep: [...this.kept].map((from) => ({ from, to: this.#mapping[from] ?? from })) }
        : {}),
      ...(this.still.size > 0 ? { still: [...this.still] } : {}),
      ...(this.#marked.length > 0 ? { marked: this.#marked } : {}),
      ...(this.mood ? { mood: this.mood } : {}),
      ...(this.together.length > 0 ? { with: this.together } : {}),
    };
  }

  /** Measures the graphic and deals for the first time, or anew after something else is wanted. */
  async begin(): Promise<void> {
    this.#graphic = await this.#ask.areas(this.file.id, this.#wish);
    if (!this.#graphic.photograph) {
      await this.deal();
    }
  }

  /** Deals anew and shows the best. */
  async deal(): Promise<void> {
    await this.#fetch(HAND);
    const [first] = this.#deals;
    if (first) {
      this.#show(mappingOf(first), first);
    }
  }

  /** An answer that comes when something newer has been asked is dropped. */
  async #fetch(count: number): Promise<void> {
    const round = ++this.#dealing;
    const deals = await this.#ask.deals(this.file.id, { ...this.#wish, count });
    if (round === this.#dealing) {
      this.#deals = deals;
      this.#ended = deals.length < count;
    }
  }

  more(): Promise<void> {
    return this.#fetch(Math.min(MOST, this.#deals.length + HAND));
  }

  /** Whether so many were dealt that more would only confuse. */
  get full(): boolean {
    return this.#deals.length >= MOST;
  }

  /** Shows one of those that were dealt. */
  choose(deal: Deal): void {
    this.#remember();
    this.#show(mappingOf(deal), deal);
  }

  #show(mapping: ColorMapping, weighed: Deal | undefined): void {
    this.#mapping = mapping;
    this.#weighed = weighed;
    this.#learn(weighed?.mapping ?? []);
  }

  /** Two areas exchange what they have. */
  async trade(one: GraphicArea, other: GraphicArea): Promise<void> {
    const first = this.colorOf(one);
    const second = this.colorOf(other);
    await this.#change({ ...this.#mapping, ...all(one, second), ...all(other, first) });
  }

  async set(area: GraphicArea, { hex, ink }: { hex: string; ink: string }): Promise<void> {
    this.#learn([{ to: hex, ink }]);
    await this.#change({ ...this.#mapping, ...all(area, hex) });
  }

  async #change(mapping: ColorMapping): Promise<void> {
    this.#remember();
    this.#mapping = mapping;
    // Both asked at once, so that whatever is asked next is the newer.
    await Promise.all([this.#weigh(), this.kept.size > 0 ? this.#fetch(HAND) : undefined]);
  }

  async #weigh(): Promise<void> {
    const known = this.areas.filter(({ hex }) => !this.still.has(hex)).flatMap(({ hexes }) => hexes);
    const mapping = Object.fromEntries(
      Object.entries(this.#mapping).filter(([from]) => known.includes(from)),
    );
    const round = ++this.#weighing;
    const weighed = await this.#ask.weigh(this.file.id, mapping, this.#wish);
    if (round === this.#weighing) {
      this.#weighed = weighed;
    }
  }

  /** Holds an area still in what it has, or lets it go. */
  async keep(area: GraphicArea): Promise<void> {
    this.#remember();
    if (!this.kept.delete(area.hex)) {
      this.kept.add(area.hex);
    }
    // What else is offered keeps it too.
    await this.#fetch(HAND);
  }

  /** Lets an area take no part any more, or take part again. */
  async leave(area: GraphicArea): Promise<void> {
    this.#remember();
    if (!this.still.delete(area.hex)) {
      this.still.add(area.hex);
      this.kept.delete(area.hex);
    }
    await this.deal();
  }

  async mark(marked: MarkedFrame[]): Promise<void> {
    this.#remember();
    this.#marked = marked;
    this.together = [];
    await this.begin();
  }

  #now(): Decided {
    return { mapping: this.#mapping, kept: [...this.kept], still: [...this.still], marked: this.#marked };
  }

  #remember(): void {
    this.#past = [...this.#past, this.#now()];
    this.#future = [];
  }

  get canUndo(): boolean {
    return this.#past.length > 0;
  }

  get canRedo(): boolean {
    return this.#future.length > 0;
  }

  async undo(): Promise<void> {
    const last = this.#past.at(-1);
    if (last) {
      this.#past = this.#past.slice(0, -1);
      this.#future = [...this.#future, this.#now()];
      await this.#restore(last);
    }
  }

  async redo(): Promise<void> {
    const next = this.#future.at(-1);
    if (next) {
      this.#future = this.#future.slice(0, -1);
      this.#past = [...this.#past, this.#now()];
      await this.#restore(next);
    }
  }

  async #restore({ mapping, kept, still, marked }: Decided): Promise<void> {
    this.kept.clear();
    kept.forEach((hex) => this.kept.add(hex));
    this.still.clear();
    still.forEach((hex) => this.still.add(hex));
    const measured = JSON.stringify(this.#marked) === JSON.stringify(marked);
    this.#marked = marked;
    this.#mapping = mapping;
    if (!measured) {
      this.#graphic = await this.#ask.areas(this.file.id, this.#wish);
    }
    await Promise.all([this.#weigh(), this.#fetch(HAND)]);
  }
}

function mappingOf(deal: Deal): ColorMapping {
  return Object.fromEntries(deal.mapping.map(({ from, to }) => [from, to]));
}

/** What counts as one colour goes together. */
function all(area: GraphicArea, to: string): ColorMapping {
  return Object.fromEntries(area.hexes.map((from) => [from, to]));
}
