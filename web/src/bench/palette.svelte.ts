import { abortable, answered, api } from '../api/client';
import type { Brand, MixRequest, MoodRequest, NewSwatch, PaletteOrder } from '../api/types';
import type { KeptBrand } from './kept.svelte';

/** Everything that is done to swatches and to the palette that they make. */
export class PaletteWork {
  readonly #kept: KeptBrand;

  constructor(kept: KeptBrand) {
    this.#kept = kept;
  }

  previewMix(swatch: string, mix: MixRequest): () => void {
    const params = { path: { id: this.#kept.id, swatch } };
    return this.#kept.look(() =>
      api.POST('/api/brands/{id}/swatches/{swatch}/mix/preview', { params, body: mix }),
    );
  }

  /** Shows the palette with a swatch in another place, and tells what follows. */
  tryMove(swatch: string, position: number): Promise<Brand> {
    const params = { path: { id: this.#kept.id, swatch } };
    return this.#kept.tryOut(() =>
      api.POST('/api/brands/{id}/swatches/{swatch}/position/preview', { params, body: { position } }),
    );
  }

  tryOrder(by: PaletteOrder): Promise<Brand> {
    const params = { path: { id: this.#kept.id } };
    return this.#kept.tryOut(() =>
      api.POST('/api/brands/{id}/swatches/order/preview', { params, body: { by } }),
    );
  }

  tryMovingGroup(group: string, position: number): Promise<Brand> {
    const params = { path: { id: this.#kept.id } };
    return this.#kept.tryOut(() =>
      api.POST('/api/brands/{id}/groups/position/preview', { params, body: { group, position } }),
    );
  }

  previewMove(swatch: string, position: number): () => void {
    const params = { path: { id: this.#kept.id, swatch } };
    return this.#kept.look(() =>
      api.POST('/api/brands/{id}/swatches/{swatch}/position/preview', { params, body: { position } }),
    );
  }

  mixSwatch(swatch: string, mix: MixRequest): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/swatches/{swatch}/mix', {
        params: { path: { id: this.#kept.id, swatch }, header },
        body: mix,
      }),
    );
  }

  /** @param draftFrom what they are from, if they are to draft a brand that has no colour yet */
  addSwatches(swatches: NewSwatch[], draftFrom?: string): Promise<void> {
    return this.#kept.change((header) =>
      api.POST('/api/brands/{id}/swatches/batch', {
        params: { path: { id: this.#kept.id }, header },
        body: { swatches, ...(draftFrom ? { draftFrom } : {}) },
      }),
    );
  }

  renameSwatch(swatch: string, name: string): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/swatches/{swatch}/name', {
        params: { path: { id: this.#kept.id, swatch }, header },
        body: { name },
      }),
    );
  }

  /** @param origin where the colour was taken from; nothing if it was typed */
  recolorSwatch(swatch: string, code: string, origin?: NewSwatch['origin']): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/swatches/{swatch}/color', {
        params: { path: { id: this.#kept.id, swatch }, header },
        body: { code, ...(origin ? { origin } : {}) },
      }),
    );
  }

  async moveSwatch(swatch: string, position: number): Promise<void> {
    if (this.#kept.stored?.swatches[position]?.id === swatch) {
      this.#kept.endPreview();
      return;
    }
    await this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/swatches/{swatch}/position', {
        params: { path: { id: this.#kept.id, swatch }, header },
        body: { position },
      }),
    );
  }

  /** @param source name of what shows the hierarchy */
  markHierarchy(source: string, order: NewSwatch[], crossedOut: NewSwatch[]): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/swatches/hierarchy', {
        params: { path: { id: this.#kept.id }, header },
        body: { source, order, crossedOut },
      }),
    );
  }

  setOffLimits(swatch: string, offLimits: boolean): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/swatches/{swatch}/off-limits', {
        params: { path: { id: this.#kept.id, swatch }, header },
        body: { offLimits },
      }),
    );
  }

  orderSwatches(by: PaletteOrder): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/swatches/order', {
        params: { path: { id: this.#kept.id }, header },
        body: { by },
      }),
    );
  }

  removeSwatch(swatch: string): Promise<void> {
    return this.#kept.change((header) =>
      api.DELETE('/api/brands/{id}/swatches/{swatch}', {
        params: { path: { id: this.#kept.id, swatch }, header },
      }),
    );
  }

  /** Shows what a code would make of a swatch and of all that follows it. @throws Problem if it is no code */
  tryColor(swatch: string, code: string): Promise<Brand> {
    const params = { path: { id: this.#kept.id, swatch } };
    return this.#kept.tryOut(() =>
      api.POST('/api/brands/{id}/swatches/{swatch}/color/preview', { params, body: { code } }),
    );
  }

  /** Shows what would follow if a swatch became one with another, which stays. */
  tryMerge(swatch: string, into: string): Promise<Brand> {
    const params = { path: { id: this.#kept.id, swatch } };
    return this.#kept.tryOut(() =>
      api.POST('/api/brands/{id}/swatches/{swatch}/merge/preview', { params, body: { into } }),
    );
  }

  mergeSwatch(swatch: string, into: string): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/swatches/{swatch}/merge', {
        params: { path: { id: this.#kept.id, swatch }, header },
        body: { into },
      }),
    );
  }

  /** Lets a step of a ladder stand on its own. */
  freeSwatch(swatch: string): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/swatches/{swatch}/freedom', {
        params: { path: { id: this.#kept.id, swatch }, header },
      }),
    );
  }

  noteSwatch(swatch: string, spotInk: string, note: string): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/swatches/{swatch}/notes', {
        params: { path: { id: this.#kept.id, swatch }, header },
        body: { spotInk, note },
      }),
    );
  }

  /** @return names in plain words that it could have, the plainest first */
  async namesFor(swatch: string, signal?: AbortSignal): Promise<string[]> {
    const params = { path: { id: this.#kept.id, swatch } };
    return (
      await answered(api.GET('/api/brands/{id}/swatches/{swatch}/names', { params, ...abortable(signal) }))
    ).names;
  }

  /** @param group one that is not there yet is made */
  sortSwatches(swatches: string[], group: string): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/groups/swatches', {
        params: { path: { id: this.#kept.id }, header },
        body: { swatches, group },
      }),
    );
  }

  renameGroup(group: string, to: string): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/groups/name', {
        params: { path: { id: this.#kept.id }, header },
        body: { group, to },
      }),
    );
  }

  moveGroup(group: string, position: number): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/groups/position', {
        params: { path: { id: this.#kept.id }, header },
        body: { group, position },
      }),
    );
  }

  removeGroup(group: string): Promise<void> {
    return this.#kept.change((header) =>
      api.DELETE('/api/brands/{id}/groups', {
        params: { path: { id: this.#kept.id }, query: { group }, header },
      }),
    );
  }

  /** Shows the brand in a mood; nothing is kept. */
  tryMood(body: MoodRequest): Promise<Brand> {
    const params = { path: { id: this.#kept.id } };
    return this.#kept.tryOut(() => api.POST('/api/brands/{id}/palette/mood/preview', { params, body }));
  }

  applyMood(body: MoodRequest): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/palette/mood', { params: { path: { id: this.#kept.id }, header }, body }),
    );
  }

  /**
   * Keeps the palette in force and goes on with another.
   * @param empty whether it begins without a colour
   */
  beginPalette(name: string, empty: boolean): Promise<void> {
    return this.#kept.change((header) =>
      api.POST('/api/brands/{id}/palettes', {
        params: { path: { id: this.#kept.id }, header },
        body: { name, empty },
      }),
    );
  }

  /** Puts a palette in force. */
  usePalette(pid: string): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/palettes/{pid}/in-force', {
        params: { path: { id: this.#kept.id, pid }, header },
      }),
    );
  }

  /** @return the brand as it would stand on that palette; nothing on the page shows it by itself */
  standingOn(pid: string, signal?: AbortSignal): Promise<Brand> {
    const params = { path: { id: this.#kept.id, pid } };
    return answered(
      api.POST('/api/brands/{id}/palettes/{pid}/in-force/preview', { params, ...abortable(signal) }),
    );
  }

  /** @param pid nothing: the one in force */
  renamePalette(pid: string | undefined, name: string): Promise<void> {
    return this.#kept.change((header) =>
      pid
        ? api.PUT('/api/brands/{id}/palettes/{pid}/name', {
            params: { path: { id: this.#kept.id, pid }, header },
            body: { name },
          })
        : api.PUT('/api/brands/{id}/palettes/in-force/name', {
            params: { path: { id: this.#kept.id }, header },
            body: { name },
          }),
    );
  }

  dropPalette(pid: string): Promise<void> {
    return this.#kept.change((header) =>
      api.DELETE('/api/brands/{id}/palettes/{pid}', {
        params: { path: { id: this.#kept.id, pid }, header },
      }),
    );
  }

  putAside(remark: string, aside: boolean): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/palette/remarks', {
        params: { path: { id: this.#kept.id }, header },
        body: { remark, aside },
      }),
    );
  }
}
