import type { DressWishes } from '../api/addresses';
import { abortable, answered, api } from '../api/client';
import { messageOf } from '../api/problem';
import type { DressPlan, DressRequest, ExistingFile, Fault, Job, PagePlace } from '../api/types';
import { uploadExisting } from '../api/upload';
import { Upload } from './intake.svelte';
import type { KeptBrand } from './kept.svelte';

/** What one does to a file that exists. */
export type FileTask = 'dress' | 'check';

/** A version of a file that was made here, and can be gone back from. */
interface Made {
  file: ExistingFile;
  from: string;
}

/** Whether a file is one that can be dressed or checked, as far as its name tells. */
export function isOffice(file: File): boolean {
  return /\.(pptx|potx|docx|dotx|xlsx|xltx|odp|odt|ods)$/i.test(file.name);
}

/** Presentations, documents and workbooks that exist, version by version, and what is done to them. */
export class ExistingWork {
  readonly #kept: KeptBrand;
  #files = $state.raw<ExistingFile[]>([]);
  #undone = $state.raw<Made[]>([]);
  shownId = $state<string>();
  task = $state<FileTask>('dress');
  uploads = $state.raw<Upload[]>([]);
  /** One line for each file that could not be taken in. */
  problems = $state.raw<string[]>([]);

  constructor(kept: KeptBrand) {
    this.#kept = kept;
  }

  /** The newest version of each file, in the order in which the files came. */
  get newest(): ExistingFile[] {
    return this.#files.filter(
      ({ lineage }, place) => !this.#files.slice(place + 1).some((later) => later.lineage === lineage),
    );
  }

  get shown(): ExistingFile | undefined {
    return this.#files.find(({ id }) => id === this.shownId) ?? this.newest.at(-1);
  }

  /** All versions of the file that is shown, the oldest first. */
  get versions(): ExistingFile[] {
    return this.#files.filter(({ lineage }) => lineage === this.shown?.lineage);
  }

  async load(): Promise<void> {
    this.#files = await answered(api.GET('/api/brands/{id}/files', { params: this.#brand() }));
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

  plan(file: string, theme: string, wishes: DressWishes, signal?: AbortSignal): Promise<DressPlan> {
    return answered(
      api.POST('/api/brands/{id}/files/{fid}/dress/plan', {
        params: { ...this.#at(file), query: { theme } },
        body: request(wishes),
        ...abortable(signal),
      }),
    );
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

  faults(file: string, theme: string, signal?: AbortSignal): Promise<Fault[]> {
    const params = { ...this.#at(file), query: { theme, left: true } };
    return answered(api.GET('/api/brands/{id}/files/{fid}/faults', { params, ...abortable(signal) }));
  }

  places(file: string, number: number, signal?: AbortSignal): Promise<PagePlace[]> {
    const params = { path: { id: this.#kept.id, fid: file, number } };
    return answered(
      api.GET('/api/brands/{id}/files/{fid}/pages/{number}/places', { params, ...abortable(signal) }),
    );
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

  #made(file: ExistingFile): void {
    this.#undone = [];
    this.#add(file);
  }

  get canUndo(): boolean {
    return this.shown?.madeFrom !== undefined && this.shown.madeFrom !== null;
  }

  get canRedo(): boolean {
    return this.#undone.some(({ from }) => from === this.shown?.id);
  }

  /** Goes back to the version that the shown one was made from. */
  async undo(): Promise<void> {
    const file = this.shown;
    if (file?.madeFrom) {
      await this.#takeAway(file.id);
      this.#undone = [...this.#undone, { file, from: file.madeFrom }];
      this.shownId = file.madeFrom;
    }
  }

  async redo(): Promise<void> {
    const last = this.#undone.findLast(({ from }) => from === this.shown?.id);
    if (last) {
      await answered(api.POST('/api/brands/{id}/files/{fid}/return', { params: this.#at(last.file.id) }));
      this.#undone = this.#undone.filter((made) => made !== last);
      this.#add(last.file);
    }
  }
}

function request(wishes: DressWishes): DressRequest {
  return {
    mapping: Object.entries(wishes.mapping).map(([from, slot]) => ({ from, slot })),
    leftMasters: wishes.leftMasters,
    leftLogos: wishes.leftLogos,
    smallerHeadings: wishes.smallerHeadings,
    templateMaster: wishes.templateMaster,
  };
}
