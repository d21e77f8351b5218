import { abortable, answered, api } from '../api/client';
import type {
  HandedOver,
  Item,
  Job,
  OpenPoint,
  PlaceRequest,
  PlaceOfUse,
  Since,
  SlideLayout,
  TemplateDesign,
} from '../api/types';
import type { KeptBrand } from './kept.svelte';

/** How often a job is asked how far it is; it takes a second or two. */
const ASK_MILLISECONDS = 150;

/** Everything that is said about what is handed over, and what was. */
export class HandoverWork {
  readonly #kept: KeptBrand;

  constructor(kept: KeptBrand) {
    this.#kept = kept;
  }

  items(theme: string, signal?: AbortSignal): Promise<Item[]> {
    return answered(
      api.GET('/api/brands/{id}/deliveries', { params: this.#in(theme), ...abortable(signal) }),
    );
  }

  openPoints(theme: string, signal?: AbortSignal): Promise<OpenPoint[]> {
    return answered(
      api.GET('/api/brands/{id}/deliveries/open-points', { params: this.#in(theme), ...abortable(signal) }),
    );
  }

  layouts(theme: string, size: 'wide' | 'standard', signal?: AbortSignal): Promise<SlideLayout[]> {
    const params = { path: { id: this.#kept.id }, query: { theme, size } };
    return answered(api.GET('/api/brands/{id}/template/layouts', { params, ...abortable(signal) }));
  }

  #in(theme: string) {
    return { path: { id: this.#kept.id }, query: { theme } };
  }

  design(body: TemplateDesign): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/template', { params: { path: { id: this.#kept.id }, header }, body }),
    );
  }

  startParcel(theme: string, items: string[]): Promise<Job> {
    const body = { kind: 'delivery', brandId: this.#kept.id, what: 'parcel', themeId: theme, items };
    return answered(api.POST('/api/jobs', { body }));
  }

  /** Tells how far a job is until it is over. @return as it ended */
  async follow(job: Job, tell: (job: Job) => void, signal: AbortSignal): Promise<Job> {
    let now = job;
    while (now.state === 'waiting' || now.state === 'running') {
      await new Promise((resolve) => setTimeout(resolve, ASK_MILLISECONDS));
      const params = { path: { id: job.id } };
      now = await answered(api.GET('/api/jobs/{id}', { params, signal }));
      tell(now);
    }
    return now;
  }

  async stop(job: Job): Promise<void> {
    await answered(api.DELETE('/api/jobs/{id}', { params: { path: { id: job.id } } }));
  }

  handedOver(signal?: AbortSignal): Promise<HandedOver[]> {
    const params = { path: { id: this.#kept.id } };
    return answered(api.GET('/api/brands/{id}/handed-over', { params, ...abortable(signal) }));
  }

  since(delivery: string, signal?: AbortSignal): Promise<Since> {
    const params = { path: { id: this.#kept.id, delivery } };
    return answered(
      api.GET('/api/brands/{id}/handed-over/{delivery}/since', { params, ...abortable(signal) }),
    );
  }

  places(signal?: AbortSignal): Promise<PlaceOfUse[]> {
    const params = { path: { id: this.#kept.id } };
    return answered(api.GET('/api/brands/{id}/places', { params, ...abortable(signal) }));
  }

  async addPlace(body: PlaceRequest): Promise<void> {
    const params = { path: { id: this.#kept.id } };
    await answered(api.POST('/api/brands/{id}/places', { params, body }));
  }

  async redone(place: string): Promise<void> {
    await answered(api.POST('/api/brands/{id}/places/{place}/redone', { params: this.#at(place) }));
  }

  async removePlace(place: string): Promise<void> {
    await answered(api.DELETE('/api/brands/{id}/places/{place}', { params: this.#at(place) }));
  }

  async putPlaceBack(place: string): Promise<void> {
    await answered(api.POST('/api/brands/{id}/places/{place}/put-back', { params: this.#at(place) }));
  }

  #at(place: string) {
    return { path: { id: this.#kept.id, place } };
  }
}
