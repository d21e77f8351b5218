import { createContext } from 'svelte';
import { answered, api } from '../api/client';
import type { ReadyPalette, Source, Specimen } from '../api/types';
import { GroundWork } from './grounds.svelte';
import { Intake } from './intake.svelte';
import { Sheet } from './sheet.svelte';

/** A text that colours are read from. */
export interface SourceText {
  content: string;
  /** The file that it is from, or words for it. */
  from: string;
}

/** What the specimens show instead of the brand, for as long as somebody looks at it. */
export interface Trial {
  id: string;
  name: string;
  specimen: Specimen;
}

/** The brand on the bench and everything that is done to it. */
export class Bench extends GroundWork {
  readonly sheet = new Sheet(this.id);
  readonly intake = new Intake(this);
  /** Text whose codes are looked at; nothing while nobody does. */
  text = $state.raw<SourceText>();
  trial = $state.raw<Trial>();
  /** Id of the source that the specimens show as a page of one's own. */
  ownPage = $state<string>();

  /** The sheet first, since the bench is shown as soon as the brand is there. */
  async open(): Promise<void> {
    try {
      await this.sheet.load();
      await this.load();
    } catch (error) {
      this.fail(error);
    }
  }

  rename(name: string): Promise<void> {
    return this.change((header) =>
      api.PUT('/api/brands/{id}/name', { params: { path: { id: this.id }, header }, body: { name } }),
    );
  }

  setShortCode(shortCode: string | undefined): Promise<void> {
    const body = shortCode ? { shortCode } : {};
    return this.change((header) =>
      api.PUT('/api/brands/{id}/short-code', { params: { path: { id: this.id }, header }, body }),
    );
  }

  /** Takes a file in and shows it among the specimens. */
  async showOwn(files: File[]): Promise<void> {
    const before = this.sheet.sources.map(({ id }) => id);
    await this.intake.take(files);
    const added = this.sheet.sources.find(({ id }) => !before.includes(id));
    this.ownPage = added?.id ?? this.ownPage;
  }

  /** @return how many slides a deck on the sheet has */
  async slides(sid: string): Promise<number> {
    const params = { path: { id: this.id, sid } };
    return (await answered(api.GET('/api/brands/{id}/sources/{sid}/slides', { params }))).count;
  }

  async draft(source: Source): Promise<void> {
    await this.change((header) =>
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

  /** Takes a picture off the sheet; the line that says so can put it back. */
  async removeSource(source: Source): Promise<void> {
    await this.sheet.remove(source);
    this.say(`${source.name} is off the sheet; colours taken from it stay.`, () =>
      this.sheet.putBack(source),
    );
  }

  /** Shows a ready palette on the specimens; the brand stays as it is. */
  async tryPalette(palette: ReadyPalette): Promise<void> {
    const params = { path: { palette: palette.id } };
    const specimen = await answered(api.GET('/api/palettes/{palette}/specimen', { params }));
    this.trial = { id: palette.id, name: palette.name, specimen };
  }

  async takePalette(palette: ReadyPalette): Promise<void> {
    const first = this.brand.swatches.length === 0;
    await this.change((header) =>
      api.POST('/api/brands/{id}/palettes/{palette}', {
        params: { path: { id: this.id, palette: palette.id }, header },
      }),
    );
    this.trial = undefined;
    const counted = `${palette.colors.length} colours`;
    this.say(
      first
        ? `Drafted from ${palette.name}: ${counted}, 12 slots. Usable now; everything can be changed.`
        : `${counted} of ${palette.name} joined the palette.`,
      true,
    );
  }

  /** The theme of an existing file becomes the brand's. */
  async takeTheme(source: Source): Promise<void> {
    const before = this.brand.swatches.length;
    await this.change((header) =>
      api.POST('/api/brands/{id}/sources/{sid}/theme', {
        params: { path: { id: this.id, sid: source.id }, header },
      }),
    );
    this.showTheme(this.brand.themes[0]?.id);
    const added = this.brand.swatches.length - before;
    const counted = added === 0 ? 'no new swatch' : added === 1 ? '1 new swatch' : `${added} new swatches`;
    this.say(`Slots and fonts of ${source.name} are the theme now; ${counted}.`, true);
  }
}

export const [useBench, provideBench] = createContext<Bench>();
