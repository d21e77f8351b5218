import { SvelteSet } from 'svelte/reactivity';
import { answered, api } from '../../api/client';
import { messageOf } from '../../api/problem';
import type { Order, Proposal, Proposals, Reading, PictureSource } from '../../api/types';

/** What one picture proposes, how it is asked, and which of it is chosen. */
export class ProposalState {
  readonly #brandId: string;
  readonly source: PictureSource;
  #asked = $state<Reading>();
  #most = $state<number>();
  /** The order that a person asked for; nothing: the machine decides. */
  #order = $state<Order>();
  answer = $state.raw<Proposals>();
  problem = $state<string>();
  focused = $state.raw<Proposal>();
  readonly chosen = new SvelteSet<string>();

  #begun = false;
  #abort = new AbortController();

  constructor(brandId: string, source: PictureSource) {
    this.#brandId = brandId;
    this.source = source;
  }

  /**
   * Asks again, since the palette that proposals are compared with may have changed.
   * @param settled whether nothing is left to be taken from a proposal
   */
  async refresh(settled: (proposal: Proposal) => boolean): Promise<void> {
    await this.#ask();
    if (!this.#begun && this.answer) {
      this.#begun = true;
      this.colors.filter((proposal) => !settled(proposal)).forEach(({ hex }) => this.chosen.add(hex));
    }
  }

  /** The reading that a person asked for; nothing: the machine decides. */
  get asked(): Reading | undefined {
    return this.#asked;
  }

  get reading(): Reading {
    return this.#asked ?? (this.answer?.reading as Reading | undefined) ?? 'artwork';
  }

  set reading(reading: Reading) {
    this.#asked = reading;
    void this.#ask();
  }

  get order(): Order {
    return this.#order ?? (this.answer?.order as Order | undefined) ?? 'coverage';
  }

  set order(order: Order) {
    this.#order = order;
    void this.#ask();
  }

  /** How many are shown at the most, the ground not counted. */
  get most(): number {
    return this.#most ?? this.colors.length;
  }

  set most(most: number) {
    this.#most = Math.max(1, Math.min(64, most));
    void this.#ask();
  }

  /** Everything but the ground. */
  get colors(): Proposal[] {
    return this.answer?.proposals.filter((proposal) => !proposal.ground) ?? [];
  }

  /** An answer to an older question is dropped, however late it comes. */
  async #ask(): Promise<void> {
    this.#abort.abort();
    const { signal } = (this.#abort = new AbortController());
    const query = {
      ...(this.#order === undefined ? {} : { order: this.#order }),
      ...(this.#most === undefined ? {} : { count: this.#most }),
      ...(this.#asked === undefined ? {} : { reading: this.#asked }),
    };
    const params = { path: { id: this.#brandId, sid: this.source.id }, query };
    try {
      const answer = await answered(api.GET('/api/brands/{id}/sources/{sid}/proposals', { params, signal }));
      if (!signal.aborted) {
        // Read only now: somebody may have set the focus while the answer was on its way.
        const focused = this.focused?.hex;
        this.answer = answer;
        this.focused = answer.proposals.find(({ hex }) => hex === focused);
        this.problem = undefined;
      }
    } catch (error) {
      if (!signal.aborted) {
        this.problem = messageOf(error);
      }
    }
  }

  toggle(proposal: Proposal): void {
    if (!this.chosen.delete(proposal.hex)) {
      this.chosen.add(proposal.hex);
    }
  }
}
