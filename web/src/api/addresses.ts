import type { Reading } from './types';

/** Addresses that the browser loads by itself: pictures, masks and downloads. */
export function pictureOf(brandId: string, sourceId: string): string {
  return `/api/brands/${brandId}/sources/${sourceId}/picture`;
}

/** @param reading nothing: as the machine reads it */
export function regionOf(
  brandId: string,
  sourceId: string,
  hex: string,
  reading: Reading | undefined,
): string {
  const asked = reading ? `?reading=${reading}` : '';
  return `/api/brands/${brandId}/sources/${sourceId}/region/${hex.slice(1)}${asked}`;
}

export function companionsOf(brandId: string, bases: readonly string[], form: 'svg' | 'png'): string {
  return `/api/brands/${brandId}/companions/${form}?bases=${bases.join(',')}`;
}

/** @param theme id of the one that it is made in */
export function deliveryOf(brandId: string, kind: string, theme: string): string {
  return `/api/brands/${brandId}/deliveries/${kind}?theme=${theme}`;
}

export function packageOf(brandIds: readonly string[]): string {
  return `/api/packages?brands=${brandIds.join(',')}`;
}

/**
 * A slide of a deck on the sheet.
 * @param number 1 for the first
 * @param theme the one that it is shown in; nothing: as the deck is
 * @param revision of the brand, so that a change is seen at once
 */
export function slideOf(
  brandId: string,
  sourceId: string,
  number: number,
  theme: string | undefined,
  revision: number,
): string {
  const worn = theme ? `?theme=${theme}&revision=${revision}` : '';
  return `/api/brands/${brandId}/sources/${sourceId}/slides/${number}${worn}`;
}
