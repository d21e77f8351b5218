import type { Part } from '../ui/PartFields.svelte';

export type { Part };

/** The part of a picture that a word is marked with; it stays on the picture. */
export class Marked {
  readonly #width: number;
  readonly #height: number;
  #part: Part = $state.raw({ x: 0, y: 0, width: 1, height: 1 });

  /** Begins with the whole picture. */
  constructor(picture: { width: number; height: number }) {
    this.#width = picture.width;
    this.#height = picture.height;
    this.#part = { x: 0, y: 0, width: picture.width, height: picture.height };
  }

  get part(): Part {
    return this.#part;
  }

  set(part: Part): void {
    const x = Math.max(0, Math.min(this.#width - 1, Math.round(part.x)));
    const y = Math.max(0, Math.min(this.#height - 1, Math.round(part.y)));
    this.#part = {
      x,
      y,
      width: Math.max(1, Math.min(this.#width - x, Math.round(part.width))),
      height: Math.max(1, Math.min(this.#height - y, Math.round(part.height))),
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
}
