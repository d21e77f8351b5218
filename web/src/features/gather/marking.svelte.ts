import type { Proposal } from '../../api/types';

/** What a click makes of a colour that is looked at: the next in order, crossed out, or nothing again. */
export type Mark = { place: number } | 'crossed out' | undefined;

/** Marks the hierarchy of a guideline beside its picture. */
export class Marking {
  /** Whether somebody is marking. */
  going = $state(false);
  #order = $state.raw<readonly string[]>([]);
  #crossedOut = $state.raw<readonly string[]>([]);

  begin(): void {
    this.#order = [];
    this.#crossedOut = [];
    this.going = true;
  }

  end(): void {
    this.going = false;
  }

  markOf(hex: string): Mark {
    const place = this.#order.indexOf(hex);
    if (place >= 0) {
      return { place: place + 1 };
    }
    return this.#crossedOut.includes(hex) ? 'crossed out' : undefined;
  }

  /** Unmarked becomes the next in order, that is crossed out, and that is left unmarked. */
  next(hex: string): void {
    const mark = this.markOf(hex);
    this.#order = this.#order.filter((other) => other !== hex);
    this.#crossedOut = this.#crossedOut.filter((other) => other !== hex);
    if (mark === undefined) {
      this.#order = [...this.#order, hex];
    } else if (mark !== 'crossed out') {
      this.#crossedOut = [...this.#crossedOut, hex];
    }
  }

  get any(): boolean {
    return this.#order.length + this.#crossedOut.length > 0;
  }

  /** In the order of the marks. */
  order(proposals: readonly Proposal[]): Proposal[] {
    return this.#pick(this.#order, proposals);
  }

  crossedOut(proposals: readonly Proposal[]): Proposal[] {
    return this.#pick(this.#crossedOut, proposals);
  }

  #pick(hexes: readonly string[], proposals: readonly Proposal[]): Proposal[] {
    return hexes.flatMap((hex) => proposals.filter((proposal) => proposal.hex === hex));
  }
}
