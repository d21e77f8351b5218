import { carriesFiles } from './drag';

/** A place that files can be dropped on. What is dropped there goes nowhere else. */
export class FileDrop {
  /** Whether files hang over it. */
  over = $state(false);
  readonly #take: (files: File[]) => void;

  constructor(take: (files: File[]) => void) {
    this.#take = take;
  }

  readonly enter = (event: DragEvent): void => {
    if (carriesFiles(event)) {
      event.preventDefault();
      this.over = true;
    }
  };

  readonly leave = (): void => {
    this.over = false;
  };

  readonly drop = (event: DragEvent): void => {
    this.over = false;
    if (carriesFiles(event)) {
      event.preventDefault();
      event.stopPropagation();
      this.#take([...(event.dataTransfer?.files ?? [])]);
    }
  };
}
