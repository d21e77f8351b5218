import { abortable, answered, api } from '../api/client';
import type { Brand, Chart, DraftedRole, Proportion, Role } from '../api/types';
import type { KeptBrand } from './kept.svelte';

/** Everything that is said about what the colours are for. */
export class RoleWork {
  readonly #kept: KeptBrand;

  constructor(kept: KeptBrand) {
    this.#kept = kept;
  }

  /** @return ids of the swatches that have a role, in their order */
  holders(role: Role): string[] {
    return this.#kept.brand.roles.roles.find((entry) => entry.role === role)?.swatches ?? [];
  }

  /** @param swatches all that have it from now on, in their order */
  assignRole(role: Role, swatches: string[]): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/roles/{role}', {
        params: { path: { id: this.#kept.id, role }, header },
        body: { swatches },
      }),
    );
  }

  /** @return who has a role when one more swatch is given it; a role for one passes over */
  withOneMore(role: Role, swatch: string): string[] {
    const several = this.#kept.brand.roles.roles.find((entry) => entry.role === role)?.several ?? false;
    return several ? [...this.holders(role).filter((id) => id !== swatch), swatch] : [swatch];
  }

  giveRole(role: Role, swatch: string): Promise<void> {
    return this.assignRole(role, this.withOneMore(role, swatch));
  }

  /** Shows the brand with a role in other hands, and tells what follows. */
  tryAssigning(role: Role, swatches: string[]): Promise<Brand> {
    const params = { path: { id: this.#kept.id, role } };
    return this.#kept.tryOut(() =>
      api.POST('/api/brands/{id}/roles/{role}/preview', { params, body: { swatches } }),
    );
  }

  tryDraft(): Promise<Brand> {
    const params = { path: { id: this.#kept.id } };
    return this.#kept.tryOut(() => api.POST('/api/brands/{id}/roles/draft/preview', { params }));
  }

  tryBetterChart(): Promise<Brand> {
    const params = { path: { id: this.#kept.id } };
    return this.#kept.tryOut(() => api.POST('/api/brands/{id}/roles/chart/order/preview', { params }));
  }

  /** @param words empty: the usual sentence again */
  wordRole(role: Role, words: string): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/roles/{role}/words', {
        params: { path: { id: this.#kept.id, role }, header },
        body: { words },
      }),
    );
  }

  setProportion(body: Proportion): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/roles/proportion', {
        params: { path: { id: this.#kept.id }, header },
        body,
      }),
    );
  }

  /** @return first roles for the palette as it stands, each with its reason */
  async draftedRoles(signal?: AbortSignal): Promise<DraftedRole[]> {
    const params = { path: { id: this.#kept.id } };
    return (await answered(api.GET('/api/brands/{id}/roles/draft', { params, ...abortable(signal) }))).roles;
  }

  draftRoles(): Promise<void> {
    return this.#kept.change((header) =>
      api.POST('/api/brands/{id}/roles/draft', { params: { path: { id: this.#kept.id }, header } }),
    );
  }

  /** @return how well the series are told apart */
  chart(series: number, signal?: AbortSignal): Promise<Chart> {
    const params = { path: { id: this.#kept.id }, query: { series } };
    return answered(api.GET('/api/brands/{id}/roles/chart', { params, ...abortable(signal) }));
  }

  improveChart(): Promise<void> {
    return this.#kept.change((header) =>
      api.POST('/api/brands/{id}/roles/chart/order', { params: { path: { id: this.#kept.id }, header } }),
    );
  }
}
