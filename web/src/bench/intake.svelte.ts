import { messageOf } from '../api/problem';
import { isPicture, type Brand, type Source } from '../api/types';
import { uploadSource } from '../api/upload';
import type { Sheet } from './sheet.svelte';

/** A file on its way in. */
export class Upload {
  readonly file: File;
  readonly #stop = new AbortController();
  /** How much has been sent, 0 to 1; nothing while it waits for its turn. */
  share = $state<number>();

  constructor(file: File) {
    this.file = file;
  }

  get name(): string {
    return this.file.name || 'the pasted picture';
  }

  get signal(): AbortSignal {
    return this.#stop.signal;
  }

  stop(): void {
    this.#stop.abort();
  }
}

/** Lists and notes are read for the codes in them; what has a form of its own is a source. */
function isText(file: File): boolean {
  return /\.(txt|md|csv|tsv)$/i.test(file.name);
}

/** A text that colours are read from. */
export interface SourceText {
  content: string;
  /** The file that it is from, or words for it. */
  from: string;
}

/** What files are taken into. */
export interface TakesIn {
  readonly id: string;
  readonly brand: Brand;
  readonly sheet: Sheet;
  text: SourceText | undefined;
  draft(source: Source): Promise<void>;
}

/** Takes files in, one after the other; one that is bad or stopped never stops the rest. */
export class Intake {
  readonly #into: TakesIn;
  uploads = $state.raw<Upload[]>([]);
  /** One line for each file that could not be taken in. */
  problems = $state.raw<string[]>([]);

  constructor(into: TakesIn) {
    this.#into = into;
  }

  async take(files: File[]): Promise<void> {
    this.problems = [];
    const texts = files.filter(isText);
    const [first] = texts;
    if (first) {
      const contents = await Promise.all(texts.map((file) => file.text()));
      this.#into.text = {
        content: contents.join('\n\n'),
        from: texts.length === 1 ? first.name : `${first.name} and ${texts.length - 1} more`,
      };
    }
    const waiting = files.filter((file) => !isText(file)).map((file) => new Upload(file));
    this.uploads = [...this.uploads, ...waiting];
    for (const upload of waiting) {
      try {
        if (!upload.signal.aborted) {
          await this.#takeOne(upload);
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

  /** The first picture of an empty brand drafts it; a file that lists colours is asked about first. */
  async #takeOne(upload: Upload): Promise<void> {
    upload.share = 0;
    const source = await uploadSource(
      this.#into.id,
      upload.file,
      (share) => (upload.share = share),
      upload.signal,
    );
    const first = this.#into.sheet.sources.length === 0 && this.#into.brand.swatches.length === 0;
    if (source.kind === 'pdf') {
      // Every page is a picture of its own.
      await this.#into.sheet.load();
      this.#into.sheet.shownId = source.id;
    } else {
      this.#into.sheet.add(source);
    }
    if (first && isPicture(source)) {
      await this.#into.draft(source);
    }
  }
}
