import { abortable, answered, api } from '../api/client';
import type {
  PageGround,
  SlotDifference,
  SlotRequest,
  Suggestion,
  SuggestionPolicy,
  Theme,
} from '../api/types';
import type { KeptBrand } from './kept.svelte';

/** Everything that is done to the themes; one of them is looked at, and changes go to that one. */
export class ThemeWork {
  readonly #kept: KeptBrand;

  constructor(kept: KeptBrand) {
    this.#kept = kept;
  }

  /** Id of the theme that is looked at; nothing for the one that is handed over first. */
  #shown = $state<string>();

  /** The theme that is looked at. */
  get shown(): Theme {
    return themeOf(this.#kept.brand.themes, this.#shown);
  }

  /** The same without what a gesture only shows. */
  get shownAsKept(): Theme {
    return themeOf((this.#kept.stored ?? this.#kept.brand).themes, this.#shown);
  }

  show(id: string | undefined): void {
    this.#shown = id;
  }

  /** Taken when a change is asked for: another theme may be looked at by the time it is sent. */
  get #path(): { id: string; tid: string } {
    return { id: this.#kept.id, tid: this.shown.id };
  }

  previewSlot(slot: string, body: SlotRequest): () => void {
    const params = { path: { ...this.#path, slot } };
    return this.#kept.look(() =>
      api.POST('/api/brands/{id}/themes/{tid}/slots/{slot}/preview', { params, body }),
    );
  }

  fillSlot(slot: string, body: SlotRequest): Promise<void> {
    const path = { ...this.#path, slot };
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/themes/{tid}/slots/{slot}', { params: { path, header }, body }),
    );
  }

  /** @return what was put where, and what it cost */
  async suggestTheme(): Promise<Suggestion> {
    const path = this.#path;
    let made: Suggestion | undefined;
    await this.#kept.change(async (header) => {
      const params = { path, query: { apply: true }, header };
      made = await answered(api.POST('/api/brands/{id}/themes/{tid}/suggestion', { params }));
      return api.GET('/api/brands/{id}', { params: { path: { id: this.#kept.id } } });
    });
    if (!made) {
      throw new Error('A suggestion that was taken has an answer');
    }
    return made;
  }

  /** Says what every suggestion for the theme heeds; what is not said stays. */
  setPolicy(body: Partial<SuggestionPolicy>): Promise<void> {
    const path = this.#path;
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/themes/{tid}/policy', { params: { path, header }, body }),
    );
  }

  /** Lets every suggestion leave a slot alone, or no more. */
  toggleKept(slot: string): Promise<void> {
    const { keep } = this.shown.policy;
    return this.setPolicy({
      keep: keep.includes(slot) ? keep.filter((kept) => kept !== slot) : [...keep, slot],
    });
  }

  renameTheme(name: string): Promise<void> {
    const path = this.#path;
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/themes/{tid}/name', { params: { path, header }, body: { name } }),
    );
  }

  setPages(ground: PageGround): Promise<void> {
    const path = this.#path;
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/themes/{tid}/ground', { params: { path, header }, body: { ground } }),
    );
  }

  /**
   * Adds a theme and looks at it.
   * @param from id of the theme that it is made from; nothing: it begins empty
   * @param turned whether it is made for pages of the other ground
   */
  async addTheme(name: string, from: string | undefined, turned: boolean): Promise<void> {
    await this.#kept.change((header) =>
      api.POST('/api/brands/{id}/themes', {
        params: { path: { id: this.#kept.id }, header },
        body: { name, turned, ...(from ? { from } : {}) },
      }),
    );
    this.show(this.#kept.brand.themes.at(-1)?.id);
  }

  /** Takes away the theme that is looked at. */
  removeTheme(): Promise<void> {
    const path = this.#path;
    return this.#kept.change((header) =>
      api.DELETE('/api/brands/{id}/themes/{tid}', { params: { path, header } }),
    );
  }

  /** Lets the theme that is looked at be handed over first. */
  leadWithTheme(): Promise<void> {
    const path = this.#path;
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/themes/{tid}/first', { params: { path, header } }),
    );
  }

  /** @return how far each slot lies from the same slot of another theme */
  async differences(other: string, signal?: AbortSignal): Promise<SlotDifference[]> {
    const params = { path: this.#path, query: { with: other } };
    return (
      await answered(api.GET('/api/brands/{id}/themes/{tid}/comparison', { params, ...abortable(signal) }))
    ).slots;
  }
}

/** One that was taken away in another window gives way to the first. */
function themeOf(themes: readonly Theme[], id: string | undefined): Theme {
  const theme = themes.find((candidate) => candidate.id === id) ?? themes[0];
  if (!theme) {
    throw new Error('A brand has one theme at least');
  }
  return theme;
}
