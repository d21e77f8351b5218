import { answered, api } from '../../api/client';
import { messageOf } from '../../api/problem';
import type { ReadyPalette } from '../../api/types';
import { LatestOnly } from '../../bench/latest';

export const HUES = ['red', 'orange', 'yellow', 'green', 'teal', 'blue', 'violet', 'pink'] as const;
export const MOODS = ['quiet', 'fresh', 'warm', 'deep', 'bright', 'earthy', 'soft', 'clear'] as const;
export const NUMBERS = [3, 4, 5, 6] as const;

type Hue = (typeof HUES)[number];
type Mood = (typeof MOODS)[number];

/** What is looked for; an empty part means any. */
export interface Wish {
  text: string;
  hue: Hue | '';
  mood: Mood | '';
  colors: number | undefined;
}

/** The ready palettes that fit a wish. */
export class ReadyShelf {
  palettes = $state.raw<ReadyPalette[]>();
  problem = $state<string>();
  readonly #latest = new LatestOnly<ReadyPalette[]>((palettes) => (this.palettes = palettes));

  look(wish: Wish): void {
    const query = {
      text: wish.text,
      ...(wish.hue ? { hue: wish.hue } : {}),
      ...(wish.mood ? { mood: wish.mood } : {}),
      ...(wish.colors ? { colors: wish.colors } : {}),
    };
    this.#latest.ask(async () => {
      try {
        const palettes = await answered(api.GET('/api/palettes', { params: { query } }));
        this.problem = undefined;
        return palettes;
      } catch (error) {
        this.problem = messageOf(error);
        throw error;
      }
    });
  }
}
