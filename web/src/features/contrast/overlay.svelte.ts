import type { Bench } from '../../app/bench.svelte';
import { messageOf } from '../../api/problem';
import type { Recipe, Worst } from '../../api/types';
import { LatestOnly } from '../../app/latest';

/** A ground that changes, what is laid over it, and the text on top; judged by the server at the worst place. */
export class OverlayState {
  readonly #bench: Bench;
  /** Hexes, two or three; not used over a picture. */
  stops = $state<string[]>([]);
  /** Degrees clockwise from upwards, as in CSS. */
  angle = $state(90);
  shape = $state<'linear' | 'radial'>('linear');
  /** Id of a picture; nothing for a gradient. */
  picture = $state<string>();
  overlay = $state<string>();
  /** Percent. */
  opacity = $state(70);
  text = $state('#FFFFFF');
  worst = $state.raw<Worst>();
  problem = $state<string>();
  readonly #latest = new LatestOnly<Worst>((answer) => (this.worst = answer));

  constructor(bench: Bench) {
    this.#bench = bench;
    const [first, second] = bench.brand.swatches;
    this.stops = [first?.hex ?? '#000000', second?.hex ?? '#FFFFFF'];
    this.overlay = '#FFFFFF';
    this.text = first?.hex ?? '#000000';
  }

  follow(recipe: Recipe): void {
    this.picture = undefined;
    this.stops = [...recipe.stops];
    this.overlay = recipe.overlay?.hex;
    this.opacity = Math.round((recipe.overlay?.alpha ?? 0.7) * 100);
    this.text = recipe.text;
  }

  judge(): void {
    const { text, picture } = this;
    const laid = this.overlay ? { overlay: { hex: this.overlay, alpha: this.opacity / 100 } } : {};
    const stops = [...this.stops];
    this.#latest.ask(async () => {
      try {
        this.problem = undefined;
        return await (picture
          ? this.#bench.judgePicture(picture, { text, ...laid })
          : this.#bench.judgeGradient({ stops, text, ...laid }));
      } catch (error) {
        this.problem = messageOf(error);
        throw error;
      }
    });
  }

  /** As CSS writes it; the page only paints what the server has judged. */
  get ground(): string {
    const stops = this.stops.join(', ');
    return this.shape === 'linear'
      ? `linear-gradient(${this.angle}deg, ${stops})`
      : `radial-gradient(circle, ${stops})`;
  }
}
