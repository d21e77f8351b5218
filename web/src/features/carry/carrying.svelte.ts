import type { Brand, Consequences, NewSwatch, Swatch } from '../../api/types';
import type { Bench } from '../../bench/bench.svelte';
import { isFollowed } from './consequences';

/** A change that waits until somebody has seen what will follow. */
interface Pending {
  what: string;
  /** What it is shown beside, as the id of a swatch; nothing where that may leave. */
  place: string | undefined;
  consequences: Consequences;
  /** Whether the focus stays where it is, since the same keys may be pressed again; going on carries it through. */
  still: boolean;
  /** Of the brand when it was asked; once that has moved on, nobody waits any more. */
  revision: number;
  carry: () => Promise<void>;
}

/** Colours in another order of use. */
interface Ordering {
  /** As in 'Teal moves to place 1'. */
  what: string;
  /** Shows what it would make of the brand. */
  look: () => Promise<Brand>;
  carry: () => Promise<void>;
}

/** Changes what others follow, after a list of what will. */
export class Carrying {
  readonly #bench: Bench;
  #pending = $state.raw<Pending>();
  /** The same; what is taken off the page still reads the state of before. */
  #waiting: Pending | undefined;
  /** Settles when the one that was begun last is seen. */
  #orderings: Promise<void> = Promise.resolve();

  constructor(bench: Bench) {
    this.#bench = bench;
  }

  #set(pending: Pending | undefined): void {
    this.#pending = pending;
    this.#waiting = pending;
  }

  get pending(): Pending | undefined {
    return this.#pending?.revision === this.#bench.brand.revision ? this.#pending : undefined;
  }

  /**
   * A colour that nothing follows is changed at once.
   * @param origin where the new one was taken from; nothing if it was typed
   * @throws Problem if it is no code
   */
  async recolor(swatch: Swatch, code: string, origin?: NewSwatch['origin']): Promise<void> {
    await this.settle();
    const seen = await this.#bench.palette.tryColor(swatch.id, code);
    const consequences = consequencesOf(seen);
    const hex = seen.swatches.find(({ id }) => id === swatch.id)?.hex.slice(1) ?? code;
    if (consequences.swatches.length === 0) {
      this.leave();
    } else if (isFollowed(consequences, swatch.id)) {
      this.#wait(`${swatch.name} becomes ${hex}`, swatch.id, seen, async () => {
        await this.#bench.palette.recolorSwatch(swatch.id, code, origin);
        this.#bench.say(`${swatch.name} is now ${hex}; everything that uses it follows.`, true);
      });
    } else {
      await this.#bench.palette.recolorSwatch(swatch.id, code, origin);
      this.#bench.say(
        consequences.inside
          ? `${swatch.name} is now ${hex}.`
          : `No screen can show ${code}; ${swatch.name} is the nearest that it can, ${hex}.`,
        true,
      );
    }
  }

  /** @param into id of the swatch that stays */
  async merge(swatch: Swatch, into: string): Promise<void> {
    const kept = this.#bench.brand.swatches.find(({ id }) => id === into);
    await this.settle();
    const seen = await this.#bench.palette.tryMerge(swatch.id, into);
    this.#wait(`${swatch.name} is replaced by ${kept?.name ?? ''}`, undefined, seen, async () => {
      await this.#bench.palette.mergeSwatch(swatch.id, into);
      this.#bench.say(`${swatch.name} and ${kept?.name ?? ''} are one.`, true);
    });
  }

  /**
   * Puts colours in another order of use; where accents hear it, that is told first. One that waits at another place is
   * carried through before: whoever goes on has seen what follows.
   * @param ordering asked when all that was begun before is seen, so that it stands on that
   * @param still what it is shown beside, where the same keys may be pressed again; nothing: it stands by itself
   */
  order(ordering: () => Ordering, still?: string): Promise<void> {
    const done = this.#orderings.then(() => this.#order(ordering, still));
    this.#orderings = done.catch(() => undefined);
    return done;
  }

  /** Carries an order of use through that waits: whoever goes on has seen what follows. */
  async settle(): Promise<void> {
    if (this.pending?.still) {
      await this.pending.carry();
    }
  }

  async #order(ordering: () => Ordering, still?: string): Promise<void> {
    if (this.pending?.place !== still) {
      await this.settle();
    }
    const { what, look, carry } = ordering();
    const seen = await look();
    if (consequencesOf(seen).slots.length > 0) {
      this.#wait(what, still, seen, carry, still !== undefined);
    } else {
      // What is seen stays until it is so: otherwise what was before would be seen in between.
      this.#set(undefined);
      await carry();
    }
  }

  #wait(
    what: string,
    place: string | undefined,
    seen: Brand,
    carry: () => Promise<void>,
    still = false,
  ): void {
    this.#set({
      what,
      place,
      still,
      consequences: consequencesOf(seen),
      revision: seen.revision,
      carry: async () => {
        // Not once more when its place goes from the page meanwhile.
        this.#waiting = undefined;
        await carry();
        this.#set(undefined);
      },
    });
  }

  /** The place where something waits is left: what is only tried ends there, an order that was seen is carried through. */
  left(place: string | undefined): void {
    const waiting = this.#waiting;
    if (waiting && waiting.place === place && waiting.revision === this.#bench.brand.revision) {
      if (waiting.still) {
        void waiting.carry();
      } else {
        this.leave();
      }
    }
  }

  leave(): void {
    this.#set(undefined);
    this.#bench.kept.endPreview();
  }
}

function consequencesOf(seen: Brand): Consequences {
  if (!seen.consequences) {
    throw new Error('A preview tells what would follow');
  }
  return seen.consequences;
}
