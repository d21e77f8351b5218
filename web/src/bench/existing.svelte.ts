import type { ColorMapping, DressWishes } from '../api/addresses';
import { answered, api } from '../api/client';
import { messageOf } from '../api/problem';
import type { ExistingFile, Job, MarkedFrame } from '../api/types';
import { uploadExisting } from '../api/upload';
import { FileQuestions, pairs, request } from './filequestions';
import { Upload } from './intake.svelte';
import type { KeptBrand } from './kept.svelte';

/** What one does to a file that exists. */
export type FileTask = 'recolour' | 'dress' | 'check';

/** A version of a file that was made here, and can be gone back from. */
interface Made {
  file: ExistingFile;
  from: string;
}

/** Whether a file is one that can be dressed or checked, as far as its name tells. */
export function isOffice(file: File): boolean {
  return /\.(pptx|potx|docx|dotx|xlsx|xltx|odp|odt|ods)$/i.test(file.name);
}

/** Whether a file is a graphic that can be recoloured, as far as its name tells. */
export function isGraphic(file: File): boolean {
  return /\.(svg|png|jpe?g|gif|bmp|webp)$/i.test(file.name);
}

const OFFICE_KINDS = new Set(['pptx', 'docx', 'xlsx', 'odp', 'odt', 'ods']);

/** Steps that can be gone back in what is done to a file before it is written. */
interface Steps {
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  undo(): Promise<void>;
  redo(): Promise<void>;
}

/** Presentations, documents, workbooks and graphics that exist, version by version, and what is done to them. */
export class ExistingWork {
  readonly #kept: KeptBrand;
  readonly ask: FileQuestions;
  #files = $state.raw<ExistingFile[]>([]);
  #undone = $state.raw<Made[]>([]);
  shownId = $state<string>();
  #steps = $state.raw<Steps>();
  /** The same, and not asked of the past: what is being taken down sees state as it was. */
  #current: Steps | undefined;
  task = $state<FileTask>('dress');
  uploads = $state.raw<Upload[]>([]);
  /** One line for each file that could not be taken in. */
  problems = $state.raw<string[]>([]);

  constructor(kept: KeptBrand) {
    this.#kept = kept;
    this.ask = new FileQuestions(kept);
  }

  /** The newest version of each file, in the order in which the files came. */
  get newest(): ExistingFile[] {
    return this.#files.filter(
      ({ lineage }, place) => !this.#files.slice(place + 1).some((later) => later.lineage === lineage),
    );
  }

  /** The newest version of each file that the task is for. */
  get choice(): ExistingFile[] {
    return this.newest.filter(({ kind }) => this.#suits(kind));
  }

  #suits(kind: string): boolean {
    return OFFICE_KINDS.has(kind) !== (this.task === 'recolour');
  }

  get shown(): ExistingFile | undefined {
    const wanted = this.#files.find(({ id }) => id === this.shownId);
    return wanted && this.#suits(wanted.kind) ? wanted : this.choice.at(-1);
  }

  /** All versions of the file that is shown, the oldest first. */
  get versions(): ExistingFile[] {
    return this.#files.filter(({ lineage }) => lineage === this.shown?.lineage);
  }

  async load(): Promise<void> {
    this.#files = await answered(api.GET('/api/brands/{id}/files', { params: this.#brand() }));
    if (this.choice.length === 0 && this.newest.length > 0) {
      this.task = 'recolour';
    }
  }

  #brand() {
    return { path: { id: this.#kept.id } };
  }

  #at(file: string) {
    return { path: { id: this.#kept.id, fid: file } };
  }

  /** Takes files in, one after the other; one that is bad or stopped never stops the rest. */
  async take(files: File[]): Promise<void> {
    this.problems = [];
    const waiting = files.map((file) => new Upload(file));
    this.uploads = [...this.uploads, ...waiting];
    for (const upload of waiting) {
      try {
        if (!upload.signal.aborted) {
          upload.share = 0;
          this.#add(
            await uploadExisting(
              this.#kept.id,
              upload.file,
              (share) => (upload.share = share),
              upload.signal,
            ),
          );
        }
      } catch (error) {
        if (!upload.signal.aborted) {
          this.problems = [...this.problems, `${upload.name}: ${messageOf(error)}`];
        }
      } finally {
        this.uploads = this.uploads.filter((other) => other !== upload);
      }
    }
  }

  #add(file: ExistingFile): void {
    this.#files = [...this.#files, file];
    if (!this.#suits(file.kind)) {
      this.task = OFFICE_KINDS.has(file.kind) ? 'dress' : 'recolour';
    }
    this.shownId = file.id;
  }

  async remove(file: ExistingFile): Promise<void> {
    for (const version of this.#files.filter(({ lineage }) => lineage === file.lineage)) {
      await this.#takeAway(version.id);
    }
    this.shownId = undefined;
    this.#undone = [];
  }

  async putBack(files: ExistingFile[]): Promise<void> {
    for (const file of files) {
      await answered(api.POST('/api/brands/{id}/files/{fid}/return', { params: this.#at(file.id) }));
    }
    await this.load();
    this.shownId = files.at(-1)?.id;
  }

  async #takeAway(id: string): Promise<void> {
    await answered(api.DELETE('/api/brands/{id}/files/{fid}', { params: this.#at(id) }));
    this.#files = this.#files.filter((file) => file.id !== id);
  }

  async dress(file: string, theme: string, wishes: DressWishes): Promise<void> {
    const params = { ...this.#at(file), query: { theme } };
    this.#made(
      await answered(api.POST('/api/brands/{id}/files/{fid}/dress', { params, body: request(wishes) })),
    );
  }

  /** Dresses several files, one after the other, with one report. */
  startDressing(theme: string, items: string[], mapping: Record<string, string>): Promise<Job> {
    const body = { kind: 'files', brandId: this.#kept.id, what: 'dress', themeId: theme, items, mapping };
    return answered(api.POST('/api/jobs', { body }));
  }

  /** @param which ids with the way that is gone for each, all safe ones, or a kind */
  async mend(file: string, theme: string, which: Record<string, number> | string): Promise<void> {
    const params = { ...this.#at(file), query: { theme } };
    const body = typeof which === 'string' ? { all: which } : { faults: Object.keys(which), ways: which };
    this.#made(await answered(api.POST('/api/brands/{id}/files/{fid}/mend', { params, body })));
  }

  async leave(file: string, fault: string, because: string): Promise<void> {
    const params = { path: { id: this.#kept.id, fid: file, fault } };
    await answered(api.PUT('/api/brands/{id}/files/{fid}/left/{fault}', { params, body: { because } }));
  }

  async takeBack(file: string, fault: string): Promise<void> {
    const params = { path: { id: this.#kept.id, fid: file, fault } };
    await answered(api.DELETE('/api/brands/{id}/files/{fid}/left/{fault}', { params }));
  }

  /** Writes colours into several graphics; the first is shown then. @returns what was made */
  async recolor(
    files: string[],
    mapping: ColorMapping,
    marked: MarkedFrame[],
    variables: boolean,
  ): Promise<ExistingFile[]> {
    const made: ExistingFile[] = [];
    try {
      for (const file of [...files].reverse()) {
        const own = (await this.ask.areas(file, { difference: 0 })).areas.flatMap(({ hexes }) => hexes);
        const body = {
          mapping: pairs(mapping).filter(({ from }) => own.includes(from)),
          marked,
          variables,
        };
        const params = this.#at(file);
        made.push(await answered(api.POST('/api/brands/{id}/files/{fid}/recolor', { params, body })));
      }
    } finally {
      // What was written before one was refused is there.
      made.forEach((file) => this.#made(file));
    }
    return made;
  }

  async duotone(file: string, dark: string, light: string): Promise<void> {
    const params = this.#at(file);
    this.#made(
      await answered(api.POST('/api/brands/{id}/files/{fid}/duotone', { params, body: { dark, light } })),
    );
  }

  /** Goes back from versions that were made together. */
  async takeBackAll(files: ExistingFile[]): Promise<void> {
    for (const file of files) {
      await this.#takeAway(file.id);
    }
    this.shownId = files.at(-1)?.madeFrom ?? undefined;
  }

  #made(file: ExistingFile): void {
    this.#undone = [];
    this.#add(file);
  }

  /** While something that is not written yet is worked on, its steps come first. @returns what ends that */
  stepping(steps: Steps): () => void {
    this.#current = steps;
    this.#steps = steps;
    return () => {
      if (this.#current === steps) {
        this.#current = undefined;
        this.#steps = undefined;
      }
    };
  }

  get canUndo(): boolean {
    return this.#steps?.canUndo || this.#wasMade;
  }

  get #wasMade(): boolean {
    return this.shown?.madeFrom !== undefined && this.shown.madeFrom !== null;
  }

  get canRedo(): boolean {
    return this.#steps?.canRedo || this.#undone.some(({ from }) => from === this.shown?.id);
  }

  /** Goes back to the version that the shown one was made from. */
  async undo(): Promise<void> {
    if (this.#steps?.canUndo) {
      await this.#steps.undo();
      return;
    }
    const file = this.shown;
    if (file?.madeFrom) {
      await this.#takeAway(file.id);
      this.#undone = [...this.#undone, { file, from: file.madeFrom }];
      this.shownId = file.madeFrom;
    }
  }

  async redo(): Promise<void> {
    if (this.#steps?.canRedo) {
      await this.#steps.redo();
      return;
    }
    const last = this.#undone.findLast(({ from }) => from === this.shown?.id);
    if (last) {
      await answered(api.POST('/api/brands/{id}/files/{fid}/return', { params: this.#at(last.file.id) }));
      this.#undone = this.#undone.filter((made) => made !== last);
      this.#add(last.file);
    }
  }
}
