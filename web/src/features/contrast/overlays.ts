import type { Recipe, Stop, Worst } from '../../api/types';
import { ratioShown } from './ratio';

/** Opacity is always said both ways, since the two are confused daily. */
export function opacityWords(percent: number): string {
  return `opacity ${percent} %, lets ${100 - percent} % through`;
}

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

/** As CSS writes it; the page only paints what the server has judged. */
export function backgroundOf(stops: readonly string[], radial: boolean, angle: number): string {
  const list = stops.join(', ');
  return radial ? `radial-gradient(circle, ${list})` : `linear-gradient(${angle}deg, ${list})`;
}

/** What a stop is called: its swatch, or how far it lies from it. */
export function stopWords({ name, away }: Stop): string {
  if (away === 0) {
    return name;
  }
  return `${name}, ${Math.round(Math.abs(away) * 100)} % towards ${away > 0 ? 'light' : 'dark'}`;
}

/**
 * A point of its field where a gradient has reached a place, as CSS paints it: on the way to the corner that it runs to, which
 * never leaves the field. Source: W3C CSS Images Level 4, 3.1 and 3.2.
 * @param place 0 at the first stop to 1 at the last
 * @param angle degrees clockwise from upwards
 * @return percent from the left and from the top
 */
export function markOf(place: number, radial: boolean, angle: number): { x: number; y: number } {
  if (radial) {
    return { x: 50 + place * 50, y: 50 + place * 50 };
  }
  const radians = (angle * Math.PI) / 180;
  const away = (place - 0.5) * 100;
  return { x: 50 + away * direction(Math.sin(radians)), y: 50 - away * direction(Math.cos(radians)) };
}

/** The sign of a sine, which is seldom quite 0. */
function direction(sine: number): number {
  return Math.abs(sine) < 1e-9 ? 0 : Math.sign(sine);
}

/** @return degrees from 0 to 359, as they are kept; what is no number is from left to right */
export function angleOf(typed: number): number {
  return Number.isFinite(typed) ? ((Math.round(typed) % 360) + 360) % 360 : 90;
}
