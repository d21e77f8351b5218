import type { ColorMapping, DressWishes } from '../api/addresses';
import { abortable, answered, api } from '../api/client';
import type {
  Deal,
  DealWish,
  DressPlan,
  DressRequest,
  ExistingFile,
  Fault,
  GraphicAreas,
  PagePlace,
  SetMember,
} from '../api/types';
import type { KeptBrand } from './kept.svelte';

/** What can be asked about files that exist; nothing changes by it. */
export class FileQuestions {
  readonly #kept: KeptBrand;

  constructor(kept: KeptBrand) {
    this.#kept = kept;
  }

  #at(file: string) {
    return { path: { id: this.#kept.id, fid: file } };
  }

  plan(file: string, theme: string, wishes: DressWishes, signal?: AbortSignal): Promise<DressPlan> {
    return answered(
      api.POST('/api/brands/{id}/files/{fid}/dress/plan', {
        params: { ...this.#at(file), query: { theme } },
        body: request(wishes),
        ...abortable(signal),
      }),
    );
  }

  faults(file: string, theme: string, signal?: AbortSignal): Promise<Fault[]> {
    const params = { ...this.#at(file), query: { theme, left: true } };
    return answered(api.GET('/api/brands/{id}/files/{fid}/faults', { params, ...abortable(signal) }));
  }

  places(file: string, number: number, signal?: AbortSignal): Promise<PagePlace[]> {
    const params = { path: { id: this.#kept.id, fid: file, number } };
    return answered(
      api.GET('/api/brands/{id}/files/{fid}/pages/{number}/places', { params, ...abortable(signal) }),
    );
  }

  areas(file: string, wish: DealWish, signal?: AbortSignal): Promise<GraphicAreas> {
    const query = {
      ...(wish.difference === undefined ? {} : { difference: wish.difference }),
      ...(wish.with ? { with: wish.with } : {}),
      ...(wish.marked
        ? { marked: wish.marked.flatMap(({ x, y, width, height }) => [x, y, width, height].map(String)) }
        : {}),
    };
    const params = { ...this.#at(file), query };
    return answered(api.GET('/api/brands/{id}/files/{fid}/areas', { params, ...abortable(signal) }));
  }

  async deals(file: string, wish: DealWish, signal?: AbortSignal): Promise<Deal[]> {
    const { deals } = await answered(
      api.POST('/api/brands/{id}/files/{fid}/deals', {
        params: this.#at(file),
        body: wish,
        ...abortable(signal),
      }),
    );
    return deals;
  }

  weigh(file: string, mapping: ColorMapping, wish: DealWish, signal?: AbortSignal): Promise<Deal> {
    const body = { mapping: pairs(mapping), wish };
    return answered(
      api.POST('/api/brands/{id}/files/{fid}/deals/weigh', {
        params: this.#at(file),
        body,
        ...abortable(signal),
      }),
    );
  }

  /** Graphics that were drawn as one set with this one. */
  setOf(file: string, signal?: AbortSignal): Promise<SetMember[]> {
    return answered(
      api.GET('/api/brands/{id}/files/{fid}/set', { params: this.#at(file), ...abortable(signal) }),
    );
  }

  /** The file itself, as it can be taken in elsewhere. */
  async content(file: ExistingFile): Promise<File> {
    const blob = await answered(
      api.GET('/api/brands/{id}/files/{fid}/content', {
        params: this.#at(file.id),
        parseAs: 'blob',
      }),
    );
    return new File([blob as unknown as Blob], file.name);
  }
}

export function pairs(mapping: ColorMapping): { from: string; to: string }[] {
  return Object.entries(mapping).map(([from, to]) => ({ from, to }));
}

export function request(wishes: DressWishes): DressRequest {
  return {
    mapping: Object.entries(wishes.mapping).map(([from, slot]) => ({ from, slot })),
    leftMasters: wishes.leftMasters,
    leftLogos: wishes.leftLogos,
    smallerHeadings: wishes.smallerHeadings,
    templateMaster: wishes.templateMaster,
  };
}
