import type { Bench } from '../../bench/bench.svelte';
import { messageOf } from '../../api/problem';
import { isPicture, type ComposedGround, type GroundBody, type Recipe, type Worst } from '../../api/types';
import { LatestOnly } from '../../bench/latest';
import { Frame } from './frame.svelte';
import { backgroundOf } from '../../ui/gradients';

/** What was judged. */
interface Judged {
  worst: Worst;
  anywhere: Worst | undefined;
  /** Which of the judgements it is. */
  turn: number;
}

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
  /** Where the text stands; over a picture only. */
  readonly frame = new Frame();
  /** In the frame over a picture, anywhere on a gradient. */
  worst = $state.raw<Worst>();
  /** The same over the whole picture; nothing on a gradient. */
  anywhere = $state.raw<Worst>();
  /** Whether the verdict is of what stood there before: it is being judged anew. */
  stale = $state(false);
  problem = $state<string>();
  #asked = 0;
  readonly #latest = new LatestOnly<Judged>(({ worst, anywhere, turn }) => {
    this.worst = worst;
    this.anywhere = anywhere;
    this.stale = turn !== this.#asked;
  });

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

  /** Shows a ground of the brand, so that it can be changed. */
  open(ground: ComposedGround): void {
    this.picture = ground.source;
    this.stops = ground.source ? this.stops : [...ground.stops];
    this.shape = ground.radial ? 'radial' : 'linear';
    this.angle = ground.angle;
    this.overlay = ground.overlay?.hex;
    this.opacity = Math.round((ground.overlay?.alpha ?? 0.7) * 100);
    this.text = ground.text.hex;
  }

  judge(): void {
    const { text } = this;
    const { picture } = this;
    const source = this.#bench.sheet.sources.filter(isPicture).find(({ id }) => id === picture);
    const frame = source && this.frame.within(source);
    const laid = this.overlay ? { overlay: { hex: this.overlay, alpha: this.opacity / 100 } } : {};
    const stops = [...this.stops];
    const turn = ++this.#asked;
    this.stale = true;
    this.#latest.ask(async () => {
      try {
        this.problem = undefined;
        if (source && frame) {
          const [worst, anywhere] = await Promise.all([
            this.#bench.grounds.judgePicture(source.id, { text, frame, ...laid }),
            this.#bench.grounds.judgePicture(source.id, { text, ...laid }),
          ]);
          return { worst, anywhere, turn };
        }
        // A picture that is off the sheet is judged by nobody: the server says so.
        const worst = await (picture
          ? this.#bench.grounds.judgePicture(picture, { text, ...laid })
          : this.#bench.grounds.judgeGradient({ stops, text, ...laid }));
        return { worst, anywhere: undefined, turn };
      } catch (error) {
        this.problem = messageOf(error);
        throw error;
      }
    });
  }

  get ground(): string {
    return backgroundOf(this.stops, this.shape === 'radial', this.angle);
  }

  /** What is kept of it under a name. */
  body(name: string): GroundBody {
    return {
      name,
      stops: this.picture ? [] : this.stops,
      radial: this.shape === 'radial',
      angle: this.angle,
      text: this.text,
      ...(this.picture ? { source: this.picture } : {}),
      ...(this.overlay ? { overlay: { hex: this.overlay, alpha: this.opacity / 100 } } : {}),
    };
  }
}
