import { messageOf } from '../api/problem';

/**
 * The one way in which the page changes something: what was refused is told where it was asked, and what adds something is
 * done once, however often Enter is pressed meanwhile.
 */
export class Doing {
  #problem = $state<string>();
  #adding = $state(false);
  readonly #tell: ((problem: string) => void) | undefined;

  /** @param tell says what was refused elsewhere; nothing: it is shown from here */
  constructor(tell?: (problem: string) => void) {
    this.#tell = tell;
  }

  /** Why the last thing that was tried was refused; nothing if it was not. */
  get problem(): string | undefined {
    return this.#problem;
  }

  /** Whether something that is done once is under way. */
  get adding(): boolean {
    return this.#adding;
  }

  /** @return whether it was done */
  async do(action: () => Promise<void> | void): Promise<boolean> {
    this.#problem = undefined;
    try {
      await action();
      return true;
    } catch (error) {
      if (this.#tell) {
        this.#tell(messageOf(error));
      } else {
        this.#problem = messageOf(error);
      }
      return false;
    }
  }

  /** The same for what adds something: while it is under way, another time is not listened to. */
  async once(action: () => Promise<void>): Promise<boolean> {
    if (this.#adding) {
      return false;
    }
    this.#adding = true;
    try {
      return await this.do(action);
    } finally {
      this.#adding = false;
    }
  }

  /** Says something that was found before anything was tried, or takes it back. */
  say(problem: string | undefined): void {
    this.#problem = problem;
  }
}
