import { answered, api } from '../../api/client';
import { messageOf } from '../../api/problem';
import type { Defaults, ShelfBrand } from '../../api/types';
import { takeInPackage, uploadSource } from '../../api/upload';
import { familiesOf } from '../../bench/families';
import { LatestOnly } from '../../bench/latest';

/** So many brands are shown until somebody wants more of them. */
const PAGE = 100;

/** Files that carry a theme, by what their names end in. */
const TEMPLATE = /\.(pot|ppt|dot|doc|xlt|xls)x$|\.o[td][pts]$/i;
const LONGEST_NAME = 120;

/** All brands, those that stand on the shelf and those that were taken off. */
export class ShelfState {
  brands = $state.raw<ShelfBrand[]>();
  deleted = $state.raw<ShelfBrand[]>([]);
  /** How many stand there, whether they are looked for or not. */
  total = $state(0);
  /** Whether more are found than are shown. */
  more = $state(false);
  search = $state('');
  readonly #searches = new LatestOnly<ShelfBrand[]>((found) => this.#show(found));

  async load(): Promise<void> {
    const [found, count, deleted] = await Promise.all([
      this.#list(this.search, 0),
      answered(api.GET('/api/shelf')),
      answered(api.GET('/api/brands', { params: { query: { deleted: true, most: PAGE } } })),
    ]);
    this.#show(found);
    this.total = count.standing;
    this.deleted = deleted;
  }

  /** One more than is shown is asked for, which tells whether there are more. */
  #list(search: string, from: number): Promise<ShelfBrand[]> {
    const query = { ...(search ? { search } : {}), from, most: PAGE + 1 };
    return answered(api.GET('/api/brands', { params: { query } }));
  }

  #show(found: ShelfBrand[], before: ShelfBrand[] = []): void {
    this.brands = [...before, ...found.slice(0, PAGE)];
    this.more = found.length > PAGE;
  }

  async showMore(): Promise<void> {
    const shown = this.brands ?? [];
    const search = this.search;
    const found = await this.#list(search, shown.length);
    if (this.brands === shown && this.search === search) {
      this.#show(found, shown);
    }
  }

  /** Shows only what is looked for: a name, a short code, a swatch or a colour. */
  lookFor(text: string): void {
    this.search = text.trim();
    this.#searches.ask(() => this.#list(this.search, 0));
  }

  /** @return the id of the new brand */
  async begin(name: string): Promise<string> {
    const brand = await answered(api.POST('/api/brands', { body: { name } }));
    return brand.id;
  }

  async rename(brand: ShelfBrand, name: string): Promise<void> {
    const params = { path: { id: brand.id }, header: { 'If-Match': `"${brand.revision}"` } };
    await answered(api.PUT('/api/brands/{id}/name', { params, body: { name } }));
    await this.load();
  }

  /** @return the name of the copy */
  async copy(brand: ShelfBrand): Promise<string> {
    const name = `${brand.name}, copy`.slice(0, 120);
    await answered(api.POST('/api/brands/{id}/copy', { params: { path: { id: brand.id } }, body: { name } }));
    await this.load();
    return name;
  }

  async delete(brand: ShelfBrand): Promise<void> {
    const params = { path: { id: brand.id }, header: { 'If-Match': `"${brand.revision}"` } };
    await answered(api.DELETE('/api/brands/{id}', { params }));
    await this.load();
  }

  async putBack(brand: ShelfBrand): Promise<void> {
    await answered(api.POST('/api/brands/{id}/restoration', { params: { path: { id: brand.id } } }));
    await this.load();
  }

  /**
   * Takes packages in one after the other, and begins a brand of every file that has a theme; one that is refused stops no other.
   * @param onprogress is told what is being done
   * @return what happened, a line each
   */
  async takeIn(files: readonly File[], onprogress: (words: string) => void): Promise<string[]> {
    const lines: string[] = [];
    for (const [index, file] of files.entries()) {
      onprogress(`Taking in ${file.name} (${index + 1} of ${files.length})…`);
      try {
        if (TEMPLATE.test(file.name)) {
          lines.push(await this.#beginOf(file));
          continue;
        }
        const { brands } = await takeInPackage(file);
        lines.push(
          ...brands.map(({ name, copy }) =>
            copy ? `${name} was known here; what came in stands beside it.` : `${name} is on the shelf.`,
          ),
        );
      } catch (error) {
        lines.push(`${file.name}: ${messageOf(error)}`);
      }
    }
    await this.load();
    return lines;
  }

  /** A brand that begins with the theme of a file: its colours and their names, slots and fonts. */
  async #beginOf(file: File): Promise<string> {
    const name = file.name.replace(TEMPLATE, '').slice(0, LONGEST_NAME).trim() || 'New brand';
    const id = await this.begin(name);
    const source = await this.#firstSourceOf(id, file);
    try {
      const params = { path: { id, sid: source.id }, header: { 'If-Match': '*' } };
      await answered(api.POST('/api/brands/{id}/sources/{sid}/theme', { params }));
      return `${name} is on the shelf, with the theme of ${file.name}.`;
    } catch (error) {
      return `${name} is on the shelf, without a theme: ${messageOf(error)}`;
    }
  }

  /** A file that is refused leaves no empty brand behind. */
  async #firstSourceOf(id: string, file: File): ReturnType<typeof uploadSource> {
    try {
      return await uploadSource(id, file, () => undefined, new AbortController().signal);
    } catch (error) {
      const params = { path: { id }, header: { 'If-Match': '*' } };
      await answered(api.DELETE('/api/brands/{id}', { params }));
      throw error;
    }
  }

  /** @return names of the families that every brand has */
  async families(): Promise<string[]> {
    const fonts = await answered(api.GET('/api/fonts', { params: { query: {} } }));
    return familiesOf(fonts).map(({ name }) => name);
  }

  defaults(): Promise<Defaults> {
    return answered(api.GET('/api/defaults'));
  }

  setDefaults(body: Defaults): Promise<Defaults> {
    return answered(api.PUT('/api/defaults', { body }));
  }
}
