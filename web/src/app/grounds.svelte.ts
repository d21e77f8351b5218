import { answered, api } from '../api/client';
import type {
  Clash,
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
import { ThemeWork } from './themes.svelte';

/** Everything that is asked and decided about what may stand on what, in the theme that is looked at. */
export class GroundWork extends ThemeWork {
  /** @return what may stand on each ground */
  grounds(level: Level): Promise<Grounds> {
    const params = { path: { id: this.id }, query: { level, theme: this.theme.id } };
    return answered(api.GET('/api/brands/{id}/contrast', { params }));
  }

  /** @return what makes a text readable on a ground */
  remedies(foreground: string, ground: string, level: Level): Promise<Remedies> {
    const params = { path: { id: this.id }, query: { foreground, ground, level, theme: this.theme.id } };
    return answered(api.GET('/api/brands/{id}/contrast/remedies', { params }));
  }

  /** @return the text colour that the brand uses on a ground. @throws Problem if it is no code */
  textOn(ground: string): Promise<TextOnGround> {
    const params = { path: { id: this.id }, query: { ground, theme: this.theme.id } };
    return answered(api.GET('/api/brands/{id}/contrast/text', { params }));
  }

  /** @return grounds that people use again and again, made from the main colour */
  recipes(): Promise<Recipe[]> {
    const params = { path: { id: this.id }, query: { theme: this.theme.id } };
    return answered(api.GET('/api/brands/{id}/contrast/recipes', { params }));
  }

  /** @return where a text on a gradient is hardest to read */
  judgeGradient(body: GradientRequest): Promise<Worst> {
    return answered(api.POST('/api/contrast/gradient', { body }));
  }

  /** @return where a text over a picture is hardest to read */
  judgePicture(sid: string, body: TextOverPicture): Promise<Worst> {
    const params = { path: { id: this.id, sid } };
    return answered(api.POST('/api/brands/{id}/sources/{sid}/contrast', { params, body }));
  }

  /** @return what a gradient can be made of */
  stops(): Promise<Stop[]> {
    return answered(api.GET('/api/brands/{id}/contrast/stops', { params: { path: { id: this.id } } }));
  }

  /** @return every two swatches that vibrate side by side */
  clashes(): Promise<Clash[]> {
    return answered(api.GET('/api/brands/{id}/contrast/clashes', { params: { path: { id: this.id } } }));
  }

  /** Decides about a pair, whatever its ratio says. */
  rulePair(body: RuleRequest): Promise<void> {
    return this.change((header) =>
      api.PUT('/api/brands/{id}/contrast/rules', { params: { path: { id: this.id }, header }, body }),
    );
  }

  /** Takes back what was decided. @param text hex @param ground hex */
  freePair(text: string, ground: string): Promise<void> {
    return this.change((header) =>
      api.DELETE('/api/brands/{id}/contrast/rules', {
        params: { path: { id: this.id }, query: { text, ground }, header },
      }),
    );
  }

  /** Makes a ground part of the brand. @param gid of the one that is changed; nothing for a new one */
  keepGround(gid: string | undefined, body: GroundBody): Promise<void> {
    return this.change((header) =>
      gid
        ? api.PUT('/api/brands/{id}/contrast/grounds/{gid}', {
            params: { path: { id: this.id, gid }, header },
            body,
          })
        : api.POST('/api/brands/{id}/contrast/grounds', { params: { path: { id: this.id }, header }, body }),
    );
  }

  dropGround(gid: string): Promise<void> {
    return this.change((header) =>
      api.DELETE('/api/brands/{id}/contrast/grounds/{gid}', {
        params: { path: { id: this.id, gid }, header },
      }),
    );
  }
}
