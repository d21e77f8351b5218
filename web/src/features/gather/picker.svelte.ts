import { answered, api } from '../../api/client';
import { messageOf } from '../../api/problem';
import type { PictureSource } from '../../api/types';
import { LatestOnly } from '../../bench/latest';

/** Sides of the square that is averaged; pixels. */
export const AREAS = [1, 3, 7, 15, 31] as const;

interface Look {
  hex: string;
  ink: string;
  /** Side of what the magnifier shows; pixels. */
  side: number;
  pixels: string[];
}

/** Takes a colour by hand from one place of a picture. */
export class Picker {
  readonly #brandId: string;
  readonly source: PictureSource;
  /** Pixels from the left and from the top; nothing while nobody picks. */
  #place = $state.raw<{ x: number; y: number }>();
  #area = $state(1);
  look = $state.raw<Look>();
  problem = $state<string>();
  readonly #latest = new LatestOnly<Look>((look) => (this.look = look));

  constructor(brandId: string, source: PictureSource) {
    this.#brandId = brandId;
    this.source = source;
  }

  get place(): { x: number; y: number } | undefined {
    return this.#place;
  }

  get area(): number {
    return this.#area;
  }

  set area(area: number) {
    this.#area = area;
    this.#ask();
  }

  /** Stays inside the picture. */
  put(x: number, y: number): void {
    this.#place = {
      x: Math.max(0, Math.min(this.source.width - 1, Math.floor(x))),
      y: Math.max(0, Math.min(this.source.height - 1, Math.floor(y))),
    };
    this.#ask();
  }

  move(dx: number, dy: number): void {
    if (this.#place) {
      this.put(this.#place.x + dx, this.#place.y + dy);
    }
  }

  end(): void {
    this.#latest.end();
    this.#place = undefined;
    this.look = undefined;
    this.problem = undefined;
  }

  #ask(): void {
    const place = this.#place;
    if (!place) {
      return;
    }
    const path = { id: this.#brandId, sid: this.source.id };
    const area = this.#area;
    this.#latest.ask(async () => {
      try {
        const [patch, sample] = await Promise.all([
          answered(
            api.GET('/api/brands/{id}/sources/{sid}/patch', { params: { path, query: { ...place, area } } }),
          ),
          answered(
            api.GET('/api/brands/{id}/sources/{sid}/sample', { params: { path, query: { ...place, area } } }),
          ),
        ]);
        this.problem = undefined;
        return { ...sample, ...patch };
      } catch (error) {
        this.problem = messageOf(error);
        this.look = undefined;
        throw error;
      }
    });
  }
}
