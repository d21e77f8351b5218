import { iconOf, logoOf } from '../api/addresses';
import { abortable, answered, api } from '../api/client';
import type {
  BrandElement,
  ElementRequest,
  FormName,
  LogoForm,
  LogoGround,
  LogoMeasures,
  LogoRequest,
  LogoVersion,
  Source,
} from '../api/types';
import type { KeptBrand } from './kept.svelte';
import { Resource } from './resource.svelte';

/** Until it is known how every version is seen, darker grounds get the version for dark ones; luma, of 255. */
const DARK_LUMA = 140;

/** Everything that is said about the brand's logo and what else belongs to it. */
export class LogoWork {
  readonly #kept: KeptBrand;
  /** How each version of each form is seen on the brand's grounds. */
  readonly #standings: Resource<LogoGround[]>;
  /** A picture that the logo is looked at on, besides the brand's grounds. */
  lookedOn = $state<string>();
  /** A picture that was dropped and of which nobody has said yet what it is. */
  dropped = $state.raw<Source>();

  /** To be made while a component is set up. */
  constructor(kept: KeptBrand, theme: () => string | undefined) {
    this.#kept = kept;
    this.#standings = new Resource(() => {
      const stored = kept.stored;
      if (!stored || stored.logos.forms.length === 0) {
        return undefined;
      }
      const asked = {
        ...(theme() ? { theme: theme() as string } : {}),
        ...(this.lookedOn ? { picture: this.lookedOn } : {}),
      };
      const params = { path: { id: kept.id }, query: asked };
      return {
        key: `${stored.revision} ${asked.theme} ${asked.picture}`,
        ask: (signal) => answered(api.GET('/api/brands/{id}/logos/grounds', { params, signal })),
      };
    });
  }

  get grounds(): LogoGround[] {
    return this.#standings.value ?? [];
  }

  get problem(): string | undefined {
    return this.#standings.problem;
  }

  get slow(): boolean {
    return this.#standings.slow;
  }

  /** Of what is kept: pictures are drawn of that, not of what a gesture shows. */
  get key(): string {
    return this.#kept.stored?.logos.key ?? '';
  }

  has(form: FormName): boolean {
    return this.#kept.stored?.logos.forms.includes(form) ?? false;
  }

  /** @param ground hex @return the version that reads there */
  versionOn(form: FormName, ground: string): LogoVersion {
    const row = this.grounds.find(
      (one) => one.chosen && one.form === form && !one.composed && one.hex === ground,
    );
    if (row) {
      return row.version;
    }
    const [red = 0, green = 0, blue = 0] = [1, 3, 5].map((at) => parseInt(ground.slice(at, at + 2), 16));
    return 0.299 * red + 0.587 * green + 0.114 * blue < DARK_LUMA ? 'dark' : 'light';
  }

  /** @return address of the picture */
  picture(form: FormName, version: LogoVersion, width: number): string {
    return logoOf(this.#kept.id, form, version, width, this.key);
  }

  icon(size: number): string {
    return iconOf(this.#kept.id, size, this.key);
  }

  station(signal?: AbortSignal): Promise<LogoForm[]> {
    const params = { path: { id: this.#kept.id } };
    return answered(api.GET('/api/brands/{id}/logos', { params, ...abortable(signal) }));
  }

  set(form: FormName, body: LogoRequest): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/logos/{form}', {
        params: { path: { id: this.#kept.id, form }, header },
        body,
      }),
    );
  }

  drop(form: FormName): Promise<void> {
    return this.#kept.change((header) =>
      api.DELETE('/api/brands/{id}/logos/{form}', {
        params: { path: { id: this.#kept.id, form }, header },
      }),
    );
  }

  setVersion(form: FormName, version: LogoVersion, sourceId: string): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/logos/{form}/versions/{version}', {
        params: { path: { id: this.#kept.id, form, version }, header },
        body: { sourceId },
      }),
    );
  }

  freeVersion(form: FormName, version: LogoVersion): Promise<void> {
    return this.#kept.change((header) =>
      api.DELETE('/api/brands/{id}/logos/{form}/versions/{version}', {
        params: { path: { id: this.#kept.id, form, version }, header },
      }),
    );
  }

  /** @param body what is absent is measured */
  measure(form: FormName, body: LogoMeasures): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/logos/{form}/measures', {
        params: { path: { id: this.#kept.id, form }, header },
        body,
      }),
    );
  }

  sayUse(form: FormName, use: string): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/logos/{form}/use', {
        params: { path: { id: this.#kept.id, form }, header },
        body: { use },
      }),
    );
  }

  addElement(body: ElementRequest): Promise<void> {
    return this.#kept.change((header) =>
      api.POST('/api/brands/{id}/elements', { params: { path: { id: this.#kept.id }, header }, body }),
    );
  }

  changeElement({ id, kind, name, sentence, source }: BrandElement): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/elements/{element}', {
        params: { path: { id: this.#kept.id, element: id }, header },
        body: { kind, name, sentence, sourceId: source },
      }),
    );
  }

  dropElement(id: string): Promise<void> {
    return this.#kept.change((header) =>
      api.DELETE('/api/brands/{id}/elements/{element}', {
        params: { path: { id: this.#kept.id, element: id }, header },
      }),
    );
  }
}
