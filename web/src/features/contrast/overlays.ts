import type { Recipe, Stop, Worst } from '../../api/types';
import { ratioShown } from '../../words/ratio';

/** Where a text is hardest to read, and whether it can be read there. */
export function worstWords(worst: Worst): string {
  const place =
    worst.place === undefined
      ? `at ${worst.x}, ${worst.y}`
      : worst.place === 0
        ? 'at the first stop'
        : worst.place === 1
          ? 'at the last stop'
          : `${Math.round(worst.place * 100)} % of the way`;
  const verdict = worst.text
    ? 'text can be read everywhere'
    : worst.largeText
      ? 'only large text can be read everywhere'
      : 'text cannot be read there';
  return `Worst ${place}, on ${worst.hex.slice(1)}: ${ratioShown(worst.ratio)}:1; ${verdict}.`;
}

const RECIPES: Record<Recipe['kind'], string> = {
  'white-over-dark': 'Dark gradient, white over it',
  'dark-over-light': 'Light gradient, a dark colour over it',
  'title-band': 'Title band: dark, medium, light under white',
};

export function recipeName(kind: Recipe['kind']): string {
  return RECIPES[kind];
}

/** What a stop is called: its swatch, or how far it lies from it. */
export function stopWords({ name, away }: Stop): string {
  if (away === 0) {
    return name;
  }
  return `${name}, ${Math.round(Math.abs(away) * 100)} % towards ${away > 0 ? 'light' : 'dark'}`;
}

/** @return degrees from 0 to 359, as they are kept; what is no number is from left to right */
export function angleOf(typed: number): number {
  return Number.isFinite(typed) ? ((Math.round(typed) % 360) + 360) % 360 : 90;
}
