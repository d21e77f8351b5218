import { SvelteSet } from 'svelte/reactivity';
import { answered, api } from '../../api/client';
import { messageOf } from '../../api/problem';
import type { Inventory, Source, UsedColor } from '../../api/types';

/** So many are chosen to begin with; a brand seldom uses more. */
const CHOSEN_FIRST = 7;

/** What one file lists, and which of its colours are chosen. */
export class ListingState {
  inventory = $state.raw<Inventory>();
  problem = $state<string>();
  readonly chosen = new SvelteSet<string>();

  constructor(brandId: string, source: Source, taken: ReadonlySet<string>) {
    void this.#ask(brandId, source.id, taken);
  }

  async #ask(brandId: string, sourceId: string, taken: ReadonlySet<string>): Promise<void> {
    const params = { path: { id: brandId, sid: sourceId } };
    try {
      const inventory = await answered(api.GET('/api/brands/{id}/sources/{sid}/inventory', { params }));
      inventory.colors
        .filter(({ meant }) => meant)
        .slice(0, CHOSEN_FIRST)
        .filter((color) => !taken.has(color.hex))
        .forEach((color) => this.chosen.add(color.hex));
      this.inventory = inventory;
    } catch (error) {
      this.problem = messageOf(error);
    }
  }

  toggle(color: UsedColor): void {
    if (!this.chosen.delete(color.hex)) {
      this.chosen.add(color.hex);
    }
  }
}
