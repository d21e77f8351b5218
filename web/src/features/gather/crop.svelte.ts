import { answered, api } from '../../api/client';
import type { PictureSource, Source } from '../../api/types';
import type { Bench } from '../../bench/bench.svelte';
import { Marked, type Part } from '../../bench/marked.svelte';

/** Cuts a part out of a picture, for the mood board. */
export class CropState {
  readonly #bench: Bench;
  readonly source: PictureSource;
  /** What is being cut out; nothing while nobody crops. */
  #marked = $state.raw<Marked>();

  constructor(bench: Bench, source: PictureSource) {
    this.#bench = bench;
    this.source = source;
  }

  get part(): Part | undefined {
    return this.#marked?.part;
  }

  /** Begins with the middle half. */
  begin(): void {
    const { width, height } = this.source;
    this.#marked = new Marked(this.source);
    this.#marked.set({
      x: Math.floor(width / 4),
      y: Math.floor(height / 4),
      width: Math.ceil(width / 2),
      height: Math.ceil(height / 2),
    });
  }

  end(): void {
    this.#marked = undefined;
  }

  set(part: Part): void {
    this.#marked?.set(part);
  }

  span(fromX: number, fromY: number, toX: number, toY: number): void {
    this.#marked?.span(fromX, fromY, toX, toY);
  }

  async keep(): Promise<void> {
    const part = this.part;
    if (!part) {
      return;
    }
    const params = { path: { id: this.#bench.id, sid: this.source.id } };
    const crop: Source = await answered(
      api.POST('/api/brands/{id}/sources/{sid}/crops', { params, body: part }),
    );
    this.end();
    this.#bench.sheet.add(crop);
    this.#bench.say(`${crop.name} lies on the sheet, for the mood board.`, () =>
      this.#bench.sheet.remove(crop),
    );
  }
}
