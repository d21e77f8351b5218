import { messageOf } from '../api/problem';
import { uploadSource } from '../api/upload';
import type { Bench } from './bench.svelte';

/** A file on its way in. */
export interface Upload {
  name: string;
  /** How much has been sent, 0 to 1. */
  share: number;
}

/** Takes pictures in; one bad file never stops the rest. */
export class Intake {
  readonly #bench: Bench;
  uploads = $state.raw<Upload[]>([]);
  problem = $state<string>();

  constructor(bench: Bench) {
    this.#bench = bench;
  }

  async take(files: File[]): Promise<void> {
    this.problem = undefined;
    const problems: string[] = [];
    for (const file of files) {
      try {
        await this.#takeOne(file);
      } catch (error) {
        problems.push(`${file.name || 'The pasted picture'}: ${messageOf(error)}`);
      }
    }
    this.problem = problems.length > 0 ? problems.join('\n') : undefined;
  }

  /** The first picture of an empty brand drafts it. */
  async #takeOne(file: File): Promise<void> {
    const show = (share: number) => (this.uploads = [...this.#without(file), { name: file.name, share }]);
    show(0);
    try {
      const source = await uploadSource(this.#bench.id, file, show);
      const first = this.#bench.sources.length === 0 && this.#bench.brand.swatches.length === 0;
      this.#bench.addSource(source);
      if (first) {
        await this.#bench.draft(source);
      }
    } finally {
      this.uploads = this.#without(file);
    }
  }

  #without(file: File): Upload[] {
    return this.uploads.filter((upload) => upload.name !== file.name);
  }
}
