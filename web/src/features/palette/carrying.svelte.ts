import type { Brand, Consequences, Swatch } from '../../api/types';
import type { Bench } from '../../app/bench.svelte';
import { isFollowed } from './consequences';

/** A change that waits until somebody has seen what will follow. */
interface Pending {
  what: string;
  consequences: Consequences;
  /** Of the brand when it was asked; once that has moved on, nobody waits any more. */
  revision: number;
  carry: () => Promise<void>;
}

/** Changes one colour everywhere it is used, after a list of what will follow. */
export class Carrying {
  readonly #bench: Bench;
  #pending = $state.raw<Pending>();

  constructor(bench: Bench) {
    this.#bench = bench;
  }

  get pending(): Pending | undefined {
    return this.#pending?.revision === this.#bench.brand.revision ? this.#pending : undefined;
  }

  /** A colour that nothing follows is changed at once. @throws Problem if it is no code */
  async recolor(swatch: Swatch, code: string): Promise<void> {
    const seen = await this.#bench.tryColor(swatch.id, code);
    const consequences = consequencesOf(seen);
    const hex = seen.swatches.find(({ id }) => id === swatch.id)?.codes.hex ?? code;
    if (consequences.swatches.length === 0) {
      this.leave();
    } else if (isFollowed(consequences, swatch.id)) {
      this.#wait(`${swatch.name} becomes ${hex}`, seen, () => this.#bench.recolorSwatch(swatch.id, code));
    } else {
      await this.#bench.recolorSwatch(swatch.id, code);
      if (!consequences.inside) {
        this.#bench.say(
          `No screen can show ${code}; ${swatch.name} is the nearest that it can, ${hex}.`,
          true,
        );
      }
    }
  }

  /** @param into id of the swatch that stays */
  async merge(swatch: Swatch, into: string): Promise<void> {
    const kept = this.#bench.brand.swatches.find(({ id }) => id === into);
    const seen = await this.#bench.tryMerge(swatch.id, into);
    this.#wait(`${swatch.name} is replaced by ${kept?.name ?? ''}`, seen, async () => {
      await this.#bench.mergeSwatch(swatch.id, into);
      this.#bench.say(`${swatch.name} and ${kept?.name ?? ''} are one.`, true);
    });
  }

  #wait(what: string, seen: Brand, carry: () => Promise<void>): void {
    this.#pending = {
      what,
      consequences: consequencesOf(seen),
      revision: seen.revision,
      carry: async () => {
        await carry();
        this.#pending = undefined;
      },
    };
  }

  leave(): void {
    this.#pending = undefined;
    this.#bench.endPreview();
  }
}

function consequencesOf(seen: Brand): Consequences {
  if (!seen.consequences) {
    throw new Error('A preview tells what would follow');
  }
  return seen.consequences;
}
