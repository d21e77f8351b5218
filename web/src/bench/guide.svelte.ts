import { abortable, answered, api } from '../api/client';
import type { Guide, GuideSection, GuideSheet, GuideWords, MoodPicture, SectionKind } from '../api/types';
import type { KeptBrand } from './kept.svelte';

/** Everything that is done to the style guide. */
export class GuideWork {
  readonly #kept: KeptBrand;

  constructor(kept: KeptBrand) {
    this.#kept = kept;
  }

  /** @param onePage whether only the most important of it is laid out */
  read(theme: string, onePage: boolean, signal?: AbortSignal): Promise<Guide> {
    const params = { path: { id: this.#kept.id }, query: { theme, onePage } };
    return answered(api.GET('/api/brands/{id}/guide', { params, ...abortable(signal) }));
  }

  layOn(body: GuideSheet): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/guide/sheet', { params: { path: { id: this.#kept.id }, header }, body }),
    );
  }

  /** What is not named stays as it is. */
  setSection(
    section: SectionKind,
    body: Partial<Pick<GuideSection, 'shown' | 'share' | 'title' | 'note'>>,
  ): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/guide/sections/{section}', {
        params: { path: { id: this.#kept.id, section }, header },
        body,
      }),
    );
  }

  /** @param place 0 is the first */
  move(section: SectionKind, place: number): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/guide/sections/{section}/place', {
        params: { path: { id: this.#kept.id, section }, header },
        body: { place },
      }),
    );
  }

  say(body: GuideWords): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/guide/words', { params: { path: { id: this.#kept.id }, header }, body }),
    );
  }

  setMood(pictures: MoodPicture[], byHand: boolean): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/guide/mood', {
        params: { path: { id: this.#kept.id }, header },
        body: { pictures, byHand },
      }),
    );
  }
}
