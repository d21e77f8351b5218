import { answered, api } from '../../api/client';
import type { Specimen, Trail } from '../../api/types';

/** What the specimens looked like after some step of the trail, without the brand, or in another theme. */
export class Before {
  static readonly UNBRANDED = 'unbranded';

  /** The choice that is another theme. */
  static theme(id: string): string {
    return `theme ${id}`;
  }

  readonly #brandId: string;
  #trail = $state.raw<Trail>();
  chosen = $state<string>(Before.UNBRANDED);
  specimen = $state.raw<Specimen>();

  constructor(brandId: string) {
    this.#brandId = brandId;
  }

  /** The steps that can be compared with, newest first. */
  get steps(): Trail['steps'] {
    return [...(this.#trail?.steps ?? [])].reverse();
  }

  /** Reads the trail anew; what is compared with is the step before the present one, until somebody chooses. */
  async open(theme: string): Promise<void> {
    const trail = await answered(
      api.GET('/api/brands/{id}/trail', { params: { path: { id: this.#brandId } } }),
    );
    this.#trail = trail;
    const at = trail.steps.findIndex((step) => step.revision === trail.cursor);
    const previous = trail.steps[at - 1];
    await this.choose(previous ? String(previous.revision) : Before.UNBRANDED, theme);
  }

  /** @param theme id of the one that is looked at */
  async choose(value: string, theme: string): Promise<void> {
    this.chosen = value;
    if (value.startsWith('theme ')) {
      return;
    }
    const path = { id: this.#brandId, revision: Number(value) };
    this.specimen = await answered(
      value === Before.UNBRANDED
        ? api.GET('/api/specimen')
        : api.GET('/api/brands/{id}/trail/{revision}/specimen', { params: { path, query: { theme } } }),
    );
  }
}
