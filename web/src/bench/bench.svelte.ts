import { createContext } from 'svelte';
import { abortable, answered, api } from '../api/client';
import { messageOf } from '../api/problem';
import {
  isPicture,
  type Brand,
  type Font,
  type FormName,
  type ReadyPalette,
  type Source,
  type Specimen,
  type Theme,
} from '../api/types';
import { formName } from '../words/logos';
import { lettersReady } from './browserfaces';
import { ExistingWork } from './existing.svelte';
import { Faces } from './faces.svelte';
import { familiesOf, isFont } from './families';
import { GroundWork } from './grounds.svelte';
import { GuideWork } from './guide.svelte';
import { Intake, type SourceText } from './intake.svelte';
import { KeptBrand } from './kept.svelte';
import { PaletteWork } from './palette.svelte';
import { HandoverWork } from './handover.svelte';
import { LogoWork } from './logos.svelte';
import { RoleWork } from './roles.svelte';
import { Sheet } from './sheet.svelte';
import { ThemeWork } from './themes.svelte';
import { TypeWork } from './type.svelte';

/** What the specimens show instead of the brand, for as long as somebody looks at it. */
export interface Trial {
  id: string;
  name: string;
  specimen: Specimen;
}

/** The brand on the bench: it holds the brand as it is kept, and a small class for each kind of work on it. */
export class Bench {
  readonly kept: KeptBrand;
  readonly palette: PaletteWork;
  readonly roles: RoleWork;
  readonly themes: ThemeWork;
  readonly grounds: GroundWork;
  readonly type: TypeWork;
  readonly logos: LogoWork;
  readonly guide: GuideWork;
  readonly handover: HandoverWork;
  readonly existing: ExistingWork;
  readonly faces: Faces;
  readonly sheet: Sheet;
  readonly intake = new Intake(this);
  /** Text whose codes are looked at; nothing while nobody does. */
  text = $state.raw<SourceText>();
  trial = $state.raw<Trial>();
  /** Id of the source that the specimens show as a page of one's own. */
  ownPage = $state<string>();

  constructor(id: string) {
    this.kept = new KeptBrand(id);
    this.palette = new PaletteWork(this.kept);
    this.roles = new RoleWork(this.kept);
    this.themes = new ThemeWork(this.kept);
    this.grounds = new GroundWork(this.kept, this.themes);
    this.type = new TypeWork(this.kept);
    this.logos = new LogoWork(this.kept, () => (this.kept.loaded ? this.theme.id : undefined));
    this.guide = new GuideWork(this.kept);
    this.handover = new HandoverWork(this.kept);
    this.existing = new ExistingWork(this.kept);
    this.faces = new Faces(id);
    this.sheet = new Sheet(id);
  }

  get id(): string {
    return this.kept.id;
  }

  get brand(): Brand {
    return this.kept.brand;
  }

  /** The theme that is looked at. */
  get theme(): Theme {
    return this.themes.shown;
  }

  /** What the specimens of that theme are painted from. */
  get specimen(): Specimen {
    return this.theme.specimen;
  }

  /** @param undoable whether the last step on the trail is what the line speaks of, or how it is taken back */
  say(text: string, undoable: boolean | (() => Promise<void>) = false): void {
    this.kept.say(text, undoable);
  }

  /** The sheet first, since the bench is shown as soon as the brand is there. */
  async open(): Promise<void> {
    try {
      const faces = this.faces.load();
      await this.sheet.load();
      await this.existing.load();
      const brand = await this.kept.fetch();
      await faces;
      // Specimens are painted in the brand's faces from the first time on.
      await lettersReady(brand.themes.map(({ specimen }) => specimen));
      this.kept.open(brand);
    } catch (error) {
      this.kept.fail(error);
    }
  }

  rename(name: string): Promise<void> {
    return this.kept.change((header) =>
      api.PUT('/api/brands/{id}/name', { params: { path: { id: this.id }, header }, body: { name } }),
    );
  }

  setShortCode(shortCode: string | undefined): Promise<void> {
    const body = shortCode ? { shortCode } : {};
    return this.kept.change((header) =>
      api.PUT('/api/brands/{id}/short-code', { params: { path: { id: this.id }, header }, body }),
    );
  }

  /** Takes a file in and shows it among the specimens. */
  async showOwn(files: File[]): Promise<void> {
    const before = this.sheet.sources.map(({ id }) => id);
    const fonts = files.filter(isFont);
    if (fonts.length > 0) {
      await this.takeFonts(fonts);
    }
    await this.intake.take(files.filter((file) => !isFont(file)));
    const added = this.sheet.sources.find(({ id }) => !before.includes(id));
    this.ownPage = added?.id ?? this.ownPage;
  }

  /** @return how many slides a deck on the sheet has */
  async slides(sid: string, signal?: AbortSignal): Promise<number> {
    const params = { path: { id: this.id, sid } };
    return (
      await answered(api.GET('/api/brands/{id}/sources/{sid}/slides', { params, ...abortable(signal) }))
    ).count;
  }

  async draft(source: Source): Promise<void> {
    await this.kept.change((header) =>
      api.POST('/api/brands/{id}/draft', {
        params: { path: { id: this.id }, header },
        body: { sourceId: source.id },
      }),
    );
    // A document gives all that its pages say.
    this.sayDrafted(source.kind === 'pdf' ? source.name.replace(/, page \d+$/, '') : source.name);
  }

  /** @param sourceIds the most important first @return what drafting again from them would make of the brand */
  lookAtDraft(sourceIds: string[], signal?: AbortSignal): Promise<Brand> {
    const params = { path: { id: this.id } };
    return answered(
      api.POST('/api/brands/{id}/draft/again/preview', {
        params,
        body: { sourceIds },
        ...abortable(signal),
      }),
    );
  }

  /** @param sourceIds the most important first */
  async draftAgain(sourceIds: string[]): Promise<void> {
    await this.kept.change((header) =>
      api.POST('/api/brands/{id}/draft/again', {
        params: { path: { id: this.id }, header },
        body: { sourceIds },
      }),
    );
    const first = this.sheet.sources.find(({ id }) => id === sourceIds[0])?.name ?? '';
    this.sayDrafted(sourceIds.length === 1 ? first : `${first} and ${sourceIds.length - 1} more`);
  }

  /** @param from what the brand has been drafted from */
  sayDrafted(from: string): void {
    const colors = this.brand.swatches.length;
    const counted = colors === 1 ? '1 colour' : `${colors} colours`;
    this.say(`Drafted from ${from}: ${counted}, 12 slots. Usable now; everything can be changed.`, true);
  }

  /** Takes font files in, one after the other; one that is bad never stops the rest. */
  async takeFonts(files: File[], everyBrand = false): Promise<void> {
    const taken: Font[] = [];
    const problems: string[] = [];
    for (const file of files) {
      try {
        taken.push(...(await this.faces.take(file, everyBrand)));
      } catch (error) {
        problems.push(`${file.name}: ${messageOf(error)}`);
      }
    }
    const names = familiesOf(taken)
      .map(({ name }) => name)
      .join(', ');
    const said = taken.length === 0 ? [] : [`${names} ${taken.length === 1 ? 'is' : 'are'} at hand now.`];
    this.say([...said, ...problems].join(' '));
  }

  /** Takes pictures in; the first one is the form that it was dropped on, or the primary logo of a brand without one. */
  async takeLogos(files: File[], form?: FormName): Promise<void> {
    const before = this.sheet.sources.map(({ id }) => id);
    await this.intake.take(files);
    const taken = this.sheet.sources.filter(({ id }) => !before.includes(id));
    const added = taken.find(isPicture);
    if (taken[0] && !added) {
      this.say(`${taken[0].name} is on the sheet in Gather; it shows no picture that could be a logo.`);
    }
    const target = form ?? (this.logos.has('primary') ? undefined : 'primary');
    if (added && target) {
      await this.takeLogo(added, target);
    } else if (added && before.length > 0) {
      // The first picture of all has drafted the brand, and is its logo already.
      this.logos.dropped = added;
    }
  }

  async takeLogo(source: Source, form: FormName): Promise<void> {
    await this.logos.set(form, { sourceId: source.id });
    this.logos.dropped = undefined;
    this.say(`${source.name} is the ${formName(form)}.`, true);
  }

  /** Takes a graphic in as a picture and keeps it among the brand's elements. */
  async keepAsElement(graphic: File, name: string): Promise<void> {
    const before = this.sheet.sources.map(({ id }) => id);
    await this.intake.take([graphic]);
    const taken = this.sheet.sources.find(({ id }) => !before.includes(id));
    if (!taken) {
      throw new Error(`${graphic.name} could not be taken in as a picture`);
    }
    await this.logos.addElement({ kind: 'icons', name, sentence: '', sourceId: taken.id });
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
    await this.kept.change((header) =>
      api.POST('/api/brands/{id}/palettes/{palette}', {
        params: { path: { id: this.id, palette: palette.id }, header },
      }),
    );
    this.trial = undefined;
    if (first) {
      this.sayDrafted(palette.name);
    } else {
      this.say(`${palette.colors.length} colours of ${palette.name} joined the palette.`, true);
    }
  }

  /** The theme of an existing file becomes the brand's. */
  async takeTheme(source: Source): Promise<void> {
    const before = this.brand.swatches.length;
    await this.kept.change((header) =>
      api.POST('/api/brands/{id}/sources/{sid}/theme', {
        params: { path: { id: this.id, sid: source.id }, header },
      }),
    );
    this.themes.show(this.brand.themes[0]?.id);
    const added = this.brand.swatches.length - before;
    const counted = added === 0 ? 'no new swatch' : added === 1 ? '1 new swatch' : `${added} new swatches`;
    this.say(`Slots and fonts of ${source.name} are the theme now; ${counted}.`, true);
  }
}

export const [useBench, provideBench] = createContext<Bench>();
