import { abortable, answered, api } from '../api/client';
import type {
  Clashes,
  GradientRequest,
  GroundBody,
  Grounds,
  Level,
  Recipe,
  Remedies,
  RuleRequest,
  Stop,
  TextOnGround,
  TextOverPicture,
  Worst,
} from '../api/types';
import type { KeptBrand } from './kept.svelte';
import { unpacked } from './standings';
import type { ThemeWork } from './themes.svelte';

/** Everything that is asked and decided about what may stand on what, in the theme that is looked at. */
export class GroundWork {
  readonly #kept: KeptBrand;
  readonly #themes: ThemeWork;

  constructor(kept: KeptBrand, themes: ThemeWork) {
    this.#kept = kept;
    this.#themes = themes;
  }

  /**
   * @param enough how many grounds are wanted at least, however many answers that takes
   * @return what may stand on each ground
   */
  async standings(level: Level, enough: number, signal?: AbortSignal): Promise<Grounds> {
    const theme = this.#themes.shown.id;
    const all = await this.#standings(level, theme, 0, signal);
    while (all.more && all.grounds.length < enough) {
      const next = await this.#standings(level, theme, all.grounds.length, signal);
      all.grounds.push(...next.grounds);
      all.more = next.more;
    }
    return all;
  }

  async #standings(
    level: Level,
    theme: string,
    from: number,
    signal: AbortSignal | undefined,
  ): Promise<Grounds> {
    const params = { path: { id: this.#kept.id }, query: { level, theme, from } };
    return unpacked(await answered(api.GET('/api/brands/{id}/contrast', { params, ...abortable(signal) })));
  }

  /** @return what makes a text readable on a ground */
  remedies(foreground: string, ground: string, level: Level, signal?: AbortSignal): Promise<Remedies> {
    const params = {
      path: { id: this.#kept.id },
      query: { foreground, ground, level, theme: this.#themes.shown.id },
    };
    return answered(api.GET('/api/brands/{id}/contrast/remedies', { params, ...abortable(signal) }));
  }

  /** @return the text colour that the brand uses on a ground. @throws Problem if it is no code */
  textOn(ground: string, signal?: AbortSignal): Promise<TextOnGround> {
    const params = { path: { id: this.#kept.id }, query: { ground, theme: this.#themes.shown.id } };
    return answered(api.GET('/api/brands/{id}/contrast/text', { params, ...abortable(signal) }));
  }

  /** @return grounds that people use again and again, made from the main colour */
  recipes(signal?: AbortSignal): Promise<Recipe[]> {
    const params = { path: { id: this.#kept.id }, query: { theme: this.#themes.shown.id } };
    return answered(api.GET('/api/brands/{id}/contrast/recipes', { params, ...abortable(signal) }));
  }

  /** @return where a text on a gradient is hardest to read */
  judgeGradient(body: GradientRequest): Promise<Worst> {
    return answered(api.POST('/api/contrast/gradient', { body }));
  }

  /** @return where a text over a picture is hardest to read */
  judgePicture(sid: string, body: TextOverPicture): Promise<Worst> {
    const params = { path: { id: this.#kept.id, sid } };
    return answered(api.POST('/api/brands/{id}/sources/{sid}/contrast', { params, body }));
  }

  /** @return what a gradient can be made of */
  stops(signal?: AbortSignal): Promise<Stop[]> {
    return answered(
      api.GET('/api/brands/{id}/contrast/stops', {
        params: { path: { id: this.#kept.id } },
        ...abortable(signal),
      }),
    );
  }

  /** @return every two swatches that vibrate side by side */
  clashes(signal?: AbortSignal): Promise<Clashes> {
    return answered(
      api.GET('/api/brands/{id}/contrast/clashes', {
        params: { path: { id: this.#kept.id } },
        ...abortable(signal),
      }),
    );
  }

  /** Decides about a pair, whatever its ratio says. */
  rulePair(body: RuleRequest): Promise<void> {
    return this.#kept.change((header) =>
      api.PUT('/api/brands/{id}/contrast/rules', { params: { path: { id: this.#kept.id }, header }, body }),
    );
  }

  /** Takes back what was decided. @param text hex @param ground hex */
  freePair(text: string, ground: string): Promise<void> {
    return this.#kept.change((header) =>
      api.DELETE('/api/brands/{id}/contrast/rules', {
        params: { path: { id: this.#kept.id }, query: { text, ground }, header },
      }),
    );
  }

  /** Makes a ground part of the brand. @param gid of the one that is changed; nothing for a new one */
  keepGround(gid: string | undefined, body: GroundBody): Promise<void> {
    return this.#kept.change((header) =>
      gid
        ? api.PUT('/api/brands/{id}/contrast/grounds/{gid}', {
            params: { path: { id: this.#kept.id, gid }, header },
            body,
          })
        : api.POST('/api/brands/{id}/contrast/grounds', {
            params: { path: { id: this.#kept.id }, header },
            body,
          }),
    );
  }

  dropGround(gid: string): Promise<void> {
    return this.#kept.change((header) =>
      api.DELETE('/api/brands/{id}/contrast/grounds/{gid}', {
        params: { path: { id: this.#kept.id, gid }, header },
      }),
    );
  }
}
