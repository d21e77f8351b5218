import { answered, api } from '../api/client';
import type { Source } from '../api/types';

/** The files that colours come from, as they lie on the contact sheet. */
export class Sheet {
  readonly #brandId: string;
  #sources = $state.raw<Source[]>([]);
  /** The one that Gather shows. */
  shownId = $state<string>();

  constructor(brandId: string) {
    this.#brandId = brandId;
  }

  get sources(): Source[] {
    return this.#sources;
  }

  get shown(): Source | undefined {
    return this.#sources.find((source) => source.id === this.shownId);
  }

  async load(): Promise<void> {
    this.#sources = await answered(
      api.GET('/api/brands/{id}/sources', { params: { path: { id: this.#brandId } } }),
    );
    if (!this.shown) {
      this.shownId = this.#sources[0]?.id;
    }
  }

  /** Puts a new file on the sheet and shows it. */
  add(source: Source): void {
    this.#sources = [...this.#sources, source];
    this.shownId = source.id;
  }

  async remove(source: Source): Promise<void> {
    const params = { path: { id: this.#brandId, sid: source.id } };
    await answered(api.DELETE('/api/brands/{id}/sources/{sid}', { params }));
    const place = this.#sources.findIndex(({ id }) => id === source.id);
    this.#sources = this.#sources.filter(({ id }) => id !== source.id);
    if (this.shownId === source.id) {
      this.shownId = (this.#sources[place] ?? this.#sources[place - 1])?.id;
    }
  }

  async putBack(source: Source): Promise<void> {
    const params = { path: { id: this.#brandId, sid: source.id } };
    await answered(api.POST('/api/brands/{id}/sources/{sid}/return', { params }));
    await this.load();
    this.shownId = source.id;
  }
}
