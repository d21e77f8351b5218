import { abortable, answered, api } from '../api/client';
import type {
  FaceMatches,
  FacePair,
  LetteringRequest,
  NamedFonts,
  StandIn,
  TypeRole,
  TypeStation,
} from '../api/types';
import type { KeptBrand } from './kept.svelte';

/** Everything that is said about how the brand is set. */
export class TypeWork {
  readonly #kept: KeptBrand;

  constructor(kept: KeptBrand) {
    this.#kept = kept;
  }

  station(signal?: AbortSignal): Promise<TypeStation> {
    const params = { path: { id: this.#kept.id } };
    return answered(api.GET('/api/brands/{id}/type', { params, ...abortable(signal) }));
  }

  /** @param body what is not said stays */
  set(role: TypeRole, body: LetteringRequest): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/type/{role}', {
        params: { path: { id: this.#kept.id, role }, header },
        body,
      }),
    );
  }

  preview(role: TypeRole, body: LetteringRequest): () => void {
    const params = { path: { id: this.#kept.id, role } };
    return this.#kept.look(() => api.POST('/api/brands/{id}/type/{role}/preview', { params, body }));
  }

  dropLogoFace(): Promise<void> {
    return this.#kept.change((header) =>
      api.DELETE('/api/brands/{id}/type/logo', { params: { path: { id: this.#kept.id }, header } }),
    );
  }

  standIns(role: TypeRole, place: StandIn['place'], signal?: AbortSignal): Promise<StandIn[]> {
    const params = { path: { id: this.#kept.id, role }, query: { place } };
    return answered(api.GET('/api/brands/{id}/type/{role}/stand-ins', { params, ...abortable(signal) }));
  }

  pairs(signal?: AbortSignal): Promise<FacePair[]> {
    const params = { path: { id: this.#kept.id } };
    return answered(api.GET('/api/brands/{id}/type/pairs', { params, ...abortable(signal) }));
  }

  previewPair({ heading, body }: FacePair): () => void {
    const params = { path: { id: this.#kept.id } };
    return this.#kept.look(() =>
      api.POST('/api/brands/{id}/type/pair/preview', { params, body: { heading, body } }),
    );
  }

  takePair({ heading, body }: Pick<FacePair, 'heading' | 'body'>): Promise<void> {
    return this.#kept.change((header) =>
      api.POST('/api/brands/{id}/type/pair', {
        params: { path: { id: this.#kept.id }, header },
        body: { heading, body },
      }),
    );
  }

  /** @param source a page of a document @return the fonts that the document means */
  namedIn(source: string, signal?: AbortSignal): Promise<NamedFonts> {
    const params = { path: { id: this.#kept.id, sid: source } };
    return answered(api.GET('/api/brands/{id}/sources/{sid}/fonts', { params, ...abortable(signal) }));
  }

  scale(scale: ScaleName): Promise<void> {
    return this.#kept.change((header) =>
      api.POST('/api/brands/{id}/type/scale', {
        params: { path: { id: this.#kept.id }, header },
        body: { scale },
      }),
    );
  }

  setLanguages(languages: string[]): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/type/languages', {
        params: { path: { id: this.#kept.id }, header },
        body: { languages },
      }),
    );
  }

  /** @param part of the picture, in its pixels @param text the letters in it */
  match(
    source: string,
    part: { x: number; y: number; width: number; height: number },
    text: string,
  ): Promise<FaceMatches> {
    const params = { path: { id: this.#kept.id, sid: source } };
    return answered(api.POST('/api/brands/{id}/sources/{sid}/faces', { params, body: { ...part, text } }));
  }
}

export type ScaleName = 'minor-third' | 'major-third' | 'fourth' | 'fifth' | 'golden';
