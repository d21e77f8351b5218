/** Where a text stands on a picture; shares of its sides, 0 to 1. */
export interface Place {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** A frame that text stands in; it stays on the picture. */
export class Frame {
  /** Low and on the left, where captions mostly stand. */
  #place = $state.raw<Place>({ x: 0.04, y: 0.56, width: 0.6, height: 0.32 });

  static readonly LEAST = 0.05;

  get place(): Place {
    return this.#place;
  }

  /** @param across and down: shares of the picture's sides */
  move(across: number, down: number): void {
    const { x, y, width, height } = this.#place;
    this.#place = {
      x: Math.min(1 - width, Math.max(0, x + across)),
      y: Math.min(1 - height, Math.max(0, y + down)),
      width,
      height,
    };
  }

  /** Moves the lower right corner. */
  size(across: number, down: number): void {
    const { x, y, width, height } = this.#place;
    this.#place = {
      x,
      y,
      width: Math.min(1 - x, Math.max(Frame.LEAST, width + across)),
      height: Math.min(1 - y, Math.max(Frame.LEAST, height + down)),
    };
  }

  /** In pixels of a picture. */
  within(picture: { width: number; height: number }): Place {
    const { x, y, width, height } = this.#place;
    return {
      x: Math.floor(x * picture.width),
      y: Math.floor(y * picture.height),
      width: Math.max(1, Math.round(width * picture.width)),
      height: Math.max(1, Math.round(height * picture.height)),
    };
  }
}
