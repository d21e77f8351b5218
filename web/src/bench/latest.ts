/** Asks one question at a time; of those that come in meanwhile only the latest is asked. */
export class LatestOnly<T> {
  readonly #take: (answer: T) => void;
  #next: (() => Promise<T>) | undefined;
  #busy = false;
  /** Grows when what is under way is no longer wanted. */
  #round = 0;

  constructor(take: (answer: T) => void) {
    this.#take = take;
  }

  ask(question: () => Promise<T>): void {
    this.#next = question;
    if (!this.#busy) {
      void this.#work();
    }
  }

  /** Nothing that was asked is taken any more. */
  end(): void {
    this.#next = undefined;
    this.#round++;
  }

  async #work(): Promise<void> {
    this.#busy = true;
    while (this.#next) {
      const question = this.#next;
      const round = this.#round;
      this.#next = undefined;
      try {
        const answer = await question();
        if (round === this.#round) {
          this.#take(answer);
        }
      } catch {
        // A preview that fails shows nothing; the change itself says what is wrong.
      }
    }
    this.#busy = false;
  }
}
