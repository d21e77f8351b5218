import { answered, api } from '../../api/client';
import type { PictureSource, Source } from '../../api/types';
import type { Bench } from '../../bench/bench.svelte';

/** A part of a picture, in its pixels. */
export interface Part {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** Cuts a part out of a picture, for the mood board. */
export class CropState {
  readonly #bench: Bench;
  readonly source: PictureSource;
  /** What is being cut out; nothing while nobody crops. */
  #part = $state.raw<Part>();

  constructor(bench: Bench, source: PictureSource) {
    this.#bench = bench;
    this.source = source;
  }

  get part(): Part | undefined {
    return this.#part;
  }

  /** Begins with the middle half. */
  begin(): void {
    const { width, height } = this.source;
    this.set({
      x: Math.floor(width / 4),
      y: Math.floor(height / 4),
      width: Math.ceil(width / 2),
      height: Math.ceil(height / 2),
    });
  }

  end(): void {
    this.#part = undefined;
  }

  /** Stays inside the picture. */
  set(part: Part): void {
    const x = Math.max(0, Math.min(this.source.width - 1, Math.round(part.x)));
    const y = Math.max(0, Math.min(this.source.height - 1, Math.round(part.y)));
    this.#part = {
      x,
      y,
      width: Math.max(1, Math.min(this.source.width - x, Math.round(part.width))),
      height: Math.max(1, Math.min(this.source.height - y, Math.round(part.height))),
    };
  }

  /** Spans from one corner to the opposite one, whichever way it is drawn. */
  span(fromX: number, fromY: number, toX: number, toY: number): void {
    this.set({
      x: Math.min(fromX, toX),
      y: Math.min(fromY, toY),
      width: Math.abs(toX - fromX),
      height: Math.abs(toY - fromY),
    });
  }

  async keep(): Promise<void> {
    if (!this.#part) {
      return;
    }
    const params = { path: { id: this.#bench.id, sid: this.source.id } };
    const crop: Source = await answered(
      api.POST('/api/brands/{id}/sources/{sid}/crops', { params, body: this.#part }),
    );
    this.end();
    this.#bench.sheet.add(crop);
    this.#bench.say(`${crop.name} lies on the sheet, for the mood board.`, () =>
      this.#bench.sheet.remove(crop),
    );
  }
}
