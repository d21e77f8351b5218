import { createContext } from 'svelte';
import { answered, api } from '../api/client';
import { messageOf, Problem } from '../api/problem';
import type { Brand, NewSwatch, SlotRequest, Source } from '../api/types';
import { wordsOf } from '../features/trail/wording';
import { Intake } from './intake.svelte';
import { LatestOnly } from './latest';

/** One line beneath the strip that says what just happened. */
export interface Notice {
  text: string;
  /** Whether the step can be undone from the line itself. */
  undoable: boolean;
}

/** A text that colours are read from. */
export interface SourceText {
  content: string;
  /** The file that it is from, or words for it. */
  from: string;
}

type Answer = { data?: Brand; error?: unknown; response: Response };

/** The brand on the bench and everything that is done to it. The server holds the truth; every change is sent at once. */
export class Bench {
  readonly id: string;
  readonly intake = new Intake(this);
  #brand = $state.raw<Brand>();
  /** The brand as a gesture would leave it; under the same revision, since nothing is kept of it. */
  #preview = $state.raw<Brand>();
  readonly #previews = new LatestOnly<Brand>((brand) => (this.#preview = brand));
  #looks = 0;
  #sources = $state.raw<Source[]>([]);
  #problem = $state<string>();
  #saving = $state(0);
  /** Milliseconds since 1970. */
  #savedAt = $state<number>();
  notice = $state.raw<Notice>();
  /** Text whose codes are looked at; nothing while nobody does. */
  text = $state.raw<SourceText>();
  /** The picture that Gather shows. */
  sourceId = $state<string>();

  constructor(id: string) {
    this.id = id;
  }

  async load(): Promise<void> {
    try {
      const params = { path: { id: this.id } };
      const [brand, sources] = await Promise.all([
        answered(api.GET('/api/brands/{id}', { params })),
        answered(api.GET('/api/brands/{id}/sources', { params })),
      ]);
      this.#brand = brand;
      this.#sources = sources;
      this.sourceId ??= sources[0]?.id;
    } catch (error) {
      this.#problem = messageOf(error);
    }
  }

  async loadSources(): Promise<void> {
    this.#sources = await answered(
      api.GET('/api/brands/{id}/sources', { params: { path: { id: this.id } } }),
    );
  }

  /** The brand once it is loaded; the bench is shown only then. */
  get brand(): Brand {
    const brand = this.#preview ?? this.#brand;
    if (!brand) {
      throw new Error('The brand is not loaded yet');
    }
    return brand;
  }

  get loaded(): boolean {
    return this.#brand !== undefined;
  }

  get sources(): Source[] {
    return this.#sources;
  }

  /** Puts a new picture on the sheet and shows it. */
  addSource(source: Source): void {
    this.#sources = [...this.#sources, source];
    this.sourceId = source.id;
  }

  get source(): Source | undefined {
    return this.#sources.find((source) => source.id === this.sourceId);
  }

  get problem(): string | undefined {
    return this.#problem;
  }

  get saving(): boolean {
    return this.#saving > 0;
  }

  get savedAt(): number | undefined {
    return this.#savedAt;
  }

  say(text: string, undoable = false): void {
    this.notice = { text, undoable };
  }

  /** Sends a change and takes the brand that comes back. @throws Problem if it was refused */
  async #change(send: (header: { 'If-Match': string }) => Promise<Answer>): Promise<void> {
    this.notice = undefined;
    this.#saving++;
    try {
      this.#brand = await answered(send({ 'If-Match': `"${this.brand.revision}"` }));
      this.#savedAt = Date.now();
    } catch (error) {
      if (error instanceof Problem && error.type === '/problems/revision-stale') {
        await this.load();
        throw new Problem(error.type, staleWords(error), error.since);
      }
      throw error;
    } finally {
      this.endPreview();
      this.#saving--;
    }
  }

  /**
   * Shows what a change would make of the brand while a gesture goes on.
   * @return ends it, unless another preview has taken its place
   */
  #look(send: () => Promise<Answer>): () => void {
    const mine = ++this.#looks;
    this.#previews.ask(() => answered(send()));
    return () => {
      if (mine === this.#looks) {
        this.endPreview();
      }
    };
  }

  endPreview(): void {
    this.#previews.end();
    this.#preview = undefined;
  }

  previewSlot(slot: string, body: SlotRequest): () => void {
    const params = { path: { id: this.id, slot } };
    return this.#look(() => api.POST('/api/brands/{id}/theme/slots/{slot}/preview', { params, body }));
  }

  previewShift(swatch: string, lightness: number): () => void {
    const params = { path: { id: this.id, swatch } };
    return this.#look(() =>
      api.POST('/api/brands/{id}/swatches/{swatch}/lightness/preview', { params, body: { lightness } }),
    );
  }

  previewMove(swatch: string, position: number): () => void {
    const params = { path: { id: this.id, swatch } };
    return this.#look(() =>
      api.POST('/api/brands/{id}/swatches/{swatch}/position/preview', { params, body: { position } }),
    );
  }

  shiftSwatch(swatch: string, lightness: number): Promise<void> {
    return this.#change((header) =>
      api.PUT('/api/brands/{id}/swatches/{swatch}/lightness', {
        params: { path: { id: this.id, swatch }, header },
        body: { lightness },
      }),
    );
  }

  /**
   * Follows what other windows do to the brand.
   * @return ends it
   */
  follow(): () => void {
    const events = new EventSource(`/api/brands/${this.id}/events`);
    events.addEventListener('revision', (event) => void this.#catchUp(Number(event.data)));
    return () => events.close();
  }

  async #catchUp(revision: number): Promise<void> {
    // A change of one's own is answered with the same revision in a moment.
    while (this.saving) {
      await new Promise((resolve) => setTimeout(resolve, 50));
    }
    if (this.#brand && revision > this.#brand.revision) {
      await this.load();
      const trail = await answered(api.GET('/api/brands/{id}/trail', { params: { path: { id: this.id } } }));
      const newest = trail.steps.find((step) => step.revision === revision);
      this.say(`Changed in another window${newest ? `: ${wordsOf(newest.note)}` : ''}.`);
    }
  }

  rename(name: string): Promise<void> {
    return this.#change((header) =>
      api.PUT('/api/brands/{id}/name', { params: { path: { id: this.id }, header }, body: { name } }),
    );
  }

  setShortCode(shortCode: string | undefined): Promise<void> {
    const body = shortCode ? { shortCode } : {};
    return this.#change((header) =>
      api.PUT('/api/brands/{id}/short-code', { params: { path: { id: this.id }, header }, body }),
    );
  }

  addSwatches(swatches: NewSwatch[]): Promise<void> {
    return this.#change((header) =>
      api.POST('/api/brands/{id}/swatches/batch', {
        params: { path: { id: this.id }, header },
        body: { swatches },
      }),
    );
  }

  renameSwatch(swatch: string, name: string): Promise<void> {
    return this.#change((header) =>
      api.PUT('/api/brands/{id}/swatches/{swatch}/name', {
        params: { path: { id: this.id, swatch }, header },
        body: { name },
      }),
    );
  }

  /** @param origin where the colour was taken from; nothing if it was typed */
  recolorSwatch(swatch: string, code: string, origin?: NewSwatch['origin']): Promise<void> {
    return this.#change((header) =>
      api.PUT('/api/brands/{id}/swatches/{swatch}/color', {
        params: { path: { id: this.id, swatch }, header },
        body: { code, ...(origin ? { origin } : {}) },
      }),
    );
  }

  async moveSwatch(swatch: string, position: number): Promise<void> {
    if (this.#brand?.swatches[position]?.id === swatch) {
      this.endPreview();
      return;
    }
    await this.#change((header) =>
      api.PUT('/api/brands/{id}/swatches/{swatch}/position', {
        params: { path: { id: this.id, swatch }, header },
        body: { position },
      }),
    );
  }

  removeSwatch(swatch: string): Promise<void> {
    return this.#change((header) =>
      api.DELETE('/api/brands/{id}/swatches/{swatch}', { params: { path: { id: this.id, swatch }, header } }),
    );
  }

  fillSlot(slot: string, body: SlotRequest): Promise<void> {
    return this.#change((header) =>
      api.PUT('/api/brands/{id}/theme/slots/{slot}', {
        params: { path: { id: this.id, slot }, header },
        body,
      }),
    );
  }

  async suggestTheme(): Promise<void> {
    const header = { 'If-Match': `"${this.brand.revision}"` };
    await this.#change(async () => {
      const params = { path: { id: this.id }, query: { apply: true }, header };
      await answered(api.POST('/api/brands/{id}/theme/suggestion', { params }));
      return api.GET('/api/brands/{id}', { params: { path: { id: this.id } } });
    });
  }

  renameTheme(name: string): Promise<void> {
    return this.#change((header) =>
      api.PUT('/api/brands/{id}/theme/name', { params: { path: { id: this.id }, header }, body: { name } }),
    );
  }

  async draft(source: Source): Promise<void> {
    await this.#change((header) =>
      api.POST('/api/brands/{id}/draft', {
        params: { path: { id: this.id }, header },
        body: { sourceId: source.id },
      }),
    );
    const colors = this.brand.swatches.length;
    const counted = colors === 1 ? '1 colour' : `${colors} colours`;
    this.say(
      `Drafted from ${source.name}: ${counted}, 12 slots. Usable now; everything can be changed.`,
      true,
    );
  }

  undo(): Promise<void> {
    return this.#change((header) =>
      api.POST('/api/brands/{id}/undo', { params: { path: { id: this.id }, header } }),
    );
  }

  goTo(revision: number): Promise<void> {
    return this.#change((header) =>
      api.POST('/api/brands/{id}/trail/{revision}/return', {
        params: { path: { id: this.id, revision }, header },
      }),
    );
  }

  redo(): Promise<void> {
    return this.#change((header) =>
      api.POST('/api/brands/{id}/redo', { params: { path: { id: this.id }, header } }),
    );
  }
}

function staleWords(problem: Problem): string {
  const since = problem.since.map(wordsOf).join('; ');
  return (
    `Changed in another window meanwhile${since && `: ${since}`}. ` +
    'Yours was not made, and nothing was overwritten; look at it and do it again.'
  );
}

export const [useBench, provideBench] = createContext<Bench>();
