import { answered, api } from '../api/client';
import type { Font } from '../api/types';
import { uploadFont } from '../api/upload';
import { BrowserFaces } from './browserfaces';
import { familiesOf, type Family } from './families';

/** The faces at hand. */
export class Faces {
  readonly #brandId: string;
  #fonts = $state.raw<Font[]>([]);
  readonly #browser = new BrowserFaces();

  constructor(brandId: string) {
    this.#brandId = brandId;
  }

  get fonts(): Font[] {
    return this.#fonts;
  }

  /** Own ones first, each family once. */
  get families(): Family[] {
    return familiesOf(this.#fonts);
  }

  family(name: string): Family | undefined {
    return this.families.find((family) => family.name.toLowerCase() === name.toLowerCase());
  }

  font(id: string | undefined): Font | undefined {
    return this.#fonts.find((font) => font.id === id);
  }

  async load(): Promise<void> {
    const query = { brand: this.#brandId };
    this.#fonts = await answered(api.GET('/api/fonts', { params: { query } }));
    for (const font of this.#fonts) {
      if (this.#isReplaced(font)) {
        this.#browser.forget(font);
      } else {
        this.#browser.tell(font);
      }
    }
  }

  /** A file of one's own comes before the same face that ships. */
  #isReplaced({ origin, family, weight, style }: Font): boolean {
    return (
      origin === 'shipped' &&
      this.#fonts.some(
        (own) =>
          own.origin === 'own' && own.family === family && own.weight === weight && own.style === style,
      )
    );
  }

  /** Takes a font file in, for this brand or for all. @return what was in it @throws Problem */
  async take(file: File, everyBrand: boolean): Promise<Font[]> {
    const { others, ...first } = await uploadFont(everyBrand ? undefined : this.#brandId, file);
    await this.load();
    return [first as Font, ...others];
  }

  async remove(font: Font): Promise<void> {
    await answered(api.DELETE('/api/fonts/{fid}', { params: { path: { fid: font.id } } }));
    this.#browser.forget(font);
    await this.load();
  }

  async putBack(font: Font): Promise<void> {
    await answered(api.POST('/api/fonts/{fid}/return', { params: { path: { fid: font.id } } }));
    await this.load();
  }
}
