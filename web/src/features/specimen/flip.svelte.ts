import { answered, api } from '../../api/client';
import type { Dress } from '../../api/addresses';
import type { Brand, ShelfBrand, Specimen } from '../../api/types';

/** So many brands can be flipped through; more are looked for on the shelf. */
const MOST = 100;

/** Flips the specimens through the brands of the shelf; none of them is changed. */
export class Flip {
  readonly #own: string;
  #brands = $state.raw<ShelfBrand[]>([]);
  #shown = $state.raw<Brand>();
  /** Which of several that were asked for is the newest. */
  #asked = 0;

  /** @param own id of the brand on the bench, where flipping begins */
  constructor(own: string) {
    this.#own = own;
  }

  /** Whether there is any other brand. */
  get possible(): boolean {
    return this.#brands.some(({ id }) => id !== this.#own);
  }

  /** The brand that is flipped to; nothing: the one on the bench. */
  get shown(): Brand | undefined {
    return this.#shown;
  }

  get specimen(): Specimen | undefined {
    return this.#shown?.themes[0]?.specimen;
  }

  get dress(): (Dress & { name: string }) | undefined {
    const theme = this.#shown?.themes[0];
    return this.#shown && theme
      ? { brand: this.#shown.id, theme: theme.id, revision: this.#shown.revision, name: theme.name }
      : undefined;
  }

  async load(): Promise<void> {
    this.#brands = await answered(api.GET('/api/brands', { params: { query: { most: MOST } } }));
  }

  /** @param step 1 for the next brand, -1 for the one before; round and round */
  async turn(step: number): Promise<void> {
    const ids = this.#brands.map(({ id }) => id);
    const at = ids.indexOf(this.#shown?.id ?? this.#own);
    const id = ids[(at + step + ids.length) % ids.length];
    const mine = ++this.#asked;
    const brand =
      id === undefined || id === this.#own
        ? undefined
        : await answered(api.GET('/api/brands/{id}', { params: { path: { id } } }));
    if (mine === this.#asked) {
      this.#shown = brand;
    }
  }
}
