import { answered, api } from '../api/client';
import { messageOf, Problem } from '../api/problem';
import type { Brand } from '../api/types';
import { wordsOf } from '../words/trail';
import { LatestOnly } from './latest';
import { hearRevisions } from './revisions';

/** One line beneath the strip that says what just happened. */
export interface Notice {
  text: string;
  /** Takes it back from the line itself; nothing if that is not possible. */
  undo?: () => Promise<void>;
}

export type Answer = { data?: Brand; error?: unknown; response: Response };

/** The brand as the server holds it: every change is sent at once, and what other windows do is followed. */
export class KeptBrand {
  readonly id: string;
  #brand = $state.raw<Brand>();
  /** The brand as a gesture would leave it; under the same revision, since nothing is kept of it. */
  #preview = $state.raw<Brand>();
  readonly #previews = new LatestOnly<Brand>((brand) => (this.#preview = brand));
  #looks = 0;
  /** Settles when the change that was sent last is done. */
  #changes: Promise<void> = Promise.resolve();
  #problem = $state<string>();
  #saving = $state(0);
  /** Milliseconds since 1970. */
  #savedAt = $state<number>();
  /** Something was heard while the brand was on its way, which may be older than that. */
  #toCheck = false;
  notice = $state.raw<Notice>();

  constructor(id: string) {
    this.id = id;
  }

  /** @return the brand as the server holds it now @throws Problem */
  fetch(): Promise<Brand> {
    return answered(api.GET('/api/brands/{id}', { params: { path: { id: this.id } } }));
  }

  /** Begins with a brand that has been fetched. */
  open(brand: Brand): void {
    this.#brand = brand;
    if (this.#toCheck) {
      void this.#check();
    }
  }

  async load(): Promise<void> {
    try {
      this.#brand = await this.fetch();
    } catch (error) {
      this.fail(error);
    }
  }

  /** Says why the brand cannot be shown. */
  fail(error: unknown): void {
    this.#problem = messageOf(error);
  }

  /** The brand once it is loaded; the bench is shown only then. */
  get brand(): Brand {
    const brand = this.#preview ?? this.#brand;
    if (!brand) {
      throw new Error('The brand is not loaded yet');
    }
    return brand;
  }

  /** The brand without what a gesture only shows. */
  get stored(): Brand | undefined {
    return this.#brand;
  }

  get loaded(): boolean {
    return this.#brand !== undefined;
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

  /** @param undoable whether the last step on the trail is what the line speaks of, or how it is taken back */
  say(text: string, undoable: boolean | (() => Promise<void>) = false): void {
    const undo = undoable === true ? () => this.undo() : undoable || undefined;
    this.notice = undo ? { text, undo } : { text };
  }

  /**
   * Sends a change and takes the brand that comes back. One at a time, so that a quick second one stands on the first and is
   * not taken for a change in another window.
   * @throws Problem if it was refused
   */
  change(send: (header: { 'If-Match': string }) => Promise<Answer>): Promise<void> {
    const sent = this.#changes.then(() => this.#change(send));
    this.#changes = sent.catch(() => undefined);
    return sent;
  }

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
  look(send: () => Promise<Answer>): () => void {
    const mine = ++this.#looks;
    this.#previews.ask(() => answered(send()));
    return () => {
      if (mine === this.#looks) {
        this.endPreview();
      }
    };
  }

  /** Shows what a change would make of the brand until the preview is ended, and tells it. @throws Problem */
  async tryOut(send: () => Promise<Answer>): Promise<Brand> {
    const mine = ++this.#looks;
    const brand = await answered(send());
    if (mine === this.#looks) {
      this.#preview = brand;
    }
    return brand;
  }

  endPreview(): void {
    this.#looks++;
    this.#previews.end();
    this.#preview = undefined;
  }

  /**
   * Follows what other windows do to the brand.
   * @return ends it
   */
  follow(): () => void {
    return hearRevisions((change) => {
      if (!this.#brand) {
        this.#toCheck = true;
      } else if (change === 'unheard') {
        void this.#check();
      } else if (change.brand === this.id) {
        void this.#check(change.revision);
      }
    });
  }

  async #check(revision?: number): Promise<void> {
    try {
      await this.#catchUp(revision ?? (await this.fetch()).revision);
    } catch {
      // Whatever is done next says what is wrong.
    }
  }

  async #catchUp(revision: number): Promise<void> {
    // A change of one's own is answered with the same revision in a moment.
    while (this.saving) {
      await new Promise((resolve) => setTimeout(resolve, 50));
    }
    if (this.#brand && revision > this.#brand.revision) {
      await this.load();
      const params = { path: { id: this.id }, query: { most: 1 } };
      const trail = await answered(api.GET('/api/brands/{id}/trail', { params }));
      const newest = trail.steps.find((step) => step.revision === revision);
      this.say(`Changed in another window${newest ? `: ${wordsOf(newest.note)}` : ''}.`);
    }
  }

  undo(): Promise<void> {
    return this.change((header) =>
      api.POST('/api/brands/{id}/undo', { params: { path: { id: this.id }, header } }),
    );
  }

  redo(): Promise<void> {
    return this.change((header) =>
      api.POST('/api/brands/{id}/redo', { params: { path: { id: this.id }, header } }),
    );
  }

  goTo(revision: number): Promise<void> {
    return this.change((header) =>
      api.POST('/api/brands/{id}/trail/{revision}/return', {
        params: { path: { id: this.id, revision }, header },
      }),
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
