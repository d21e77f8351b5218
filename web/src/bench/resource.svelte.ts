import { messageOf } from '../api/problem';

/** One thing that is asked of the server. */
export interface Question<T> {
  /** Tells one question from another: the same is not asked twice. */
  key: string;
  /** @param signal aborts what is no longer wanted */
  ask: (signal: AbortSignal) => Promise<T>;
}

/** An answer that takes longer is slow, and the page says so. */
const SLOW_MILLISECONDS = 300;

/**
 * The one way in which the page asks: what is asked follows from state, what is no longer wanted is aborted, an answer to an
 * older question is dropped, and slow and failed are shown. The last answer stays until the next one is there.
 */
export class Resource<T> {
  #value = $state.raw<T>();
  #problem = $state<string>();
  #slow = $state(false);
  #asked: Question<T> | undefined;
  #abort = new AbortController();

  /**
   * To be made while a component is set up.
   * @param question read like a derived value; nothing: there is nothing to ask, and no answer
   */
  constructor(question: () => Question<T> | undefined) {
    $effect(() => this.#follow(question()));
    $effect(() => () => this.#abort.abort());
  }

  get value(): T | undefined {
    return this.#value;
  }

  get problem(): string | undefined {
    return this.#problem;
  }

  /** Whether an answer is waited for longer than people like. */
  get slow(): boolean {
    return this.#slow;
  }

  /** Asks the same again. */
  again(): void {
    if (this.#asked) {
      void this.#ask(this.#asked);
    }
  }

  #follow(question: Question<T> | undefined): void {
    if (question?.key === this.#asked?.key) {
      return;
    }
    this.#asked = question;
    if (question) {
      void this.#ask(question);
    } else {
      this.#abort.abort();
      this.#value = undefined;
      this.#problem = undefined;
    }
  }

  async #ask(question: Question<T>): Promise<void> {
    this.#abort.abort();
    const abort = new AbortController();
    this.#abort = abort;
    const slow = setTimeout(() => (this.#slow = true), SLOW_MILLISECONDS);
    try {
      const value = await question.ask(abort.signal);
      if (!abort.signal.aborted) {
        this.#value = value;
        this.#problem = undefined;
      }
    } catch (error) {
      if (!abort.signal.aborted) {
        this.#problem = messageOf(error);
      }
    } finally {
      clearTimeout(slow);
      if (this.#abort === abort) {
        this.#slow = false;
      }
    }
  }
}
