import type { Fault, PagePlace } from '../../api/types';

/** Shares of a page. */
export interface Frame {
  x: number;
  y: number;
  width: number;
  height: number;
}

/**
 * Where a fault is: exactly, where the page tells where its paragraphs stand, or about there.
 * @param places of the page that it is on
 */
export function frameOf(fault: Fault, places: readonly PagePlace[] | undefined): Frame | undefined {
  const exact = places?.find((place) =>
    place.shape === 0
      ? place.thing === fault.place &&
        (typeof fault.paragraph !== 'number' || place.paragraph === fault.paragraph)
      : place.shape === fault.shape && place.paragraph === fault.paragraph,
  );
  return exact ?? fault.frame ?? undefined;
}
