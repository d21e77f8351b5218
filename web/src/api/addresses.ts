import type { FormName, LogoVersion, Reading } from './types';

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

/** @param part which one of the parts of a face that browsers take it in, 0 first */
export function fontPartOf(fontId: string, part: number): string {
  return `/api/fonts/${fontId}/parts/${part}`;
}

export function companionsOf(brandId: string, bases: readonly string[], form: 'svg' | 'png'): string {
  return `/api/brands/${brandId}/companions/${form}?bases=${bases.join(',')}`;
}

/** @param theme id of the one that it is made in */
export function deliveryOf(brandId: string, kind: string, theme: string): string {
  return `/api/brands/${brandId}/deliveries/${kind}?theme=${theme}`;
}

/** @param id of what was handed over */
export function handedOverOf(brandId: string, id: string): string {
  return `/api/brands/${brandId}/handed-over/${id}/file`;
}

export function jobFileOf(jobId: string): string {
  return `/api/jobs/${jobId}/file`;
}

/** @param theme id of the one that they are made in @param width of the pictures in pixels */
export function backgroundsOf(brandId: string, theme: string, width: number, height: number): string {
  return `${deliveryOf(brandId, 'backgrounds', theme)}&width=${width}&height=${height}`;
}

export function packageOf(brandIds: readonly string[]): string {
  return `/api/packages?brands=${brandIds.join(',')}`;
}

/** Ids of a brand and of the theme that is worn, and the brand's revision. */
export interface Dress {
  brand: string;
  theme: string;
  revision: number;
}

/**
 * A slide of a deck on the sheet.
 * @param number 1 for the first
 * @param dress the brand and the theme of it that it is shown in; nothing: as the deck is
 */
export function slideOf(brandId: string, sourceId: string, number: number, dress: Dress | undefined): string {
  // With the revision, so that a change is seen at once.
  const worn = dress ? `?theme=${dress.theme}&worn=${dress.brand}&revision=${dress.revision}` : '';
  return `/api/brands/${brandId}/sources/${sourceId}/slides/${number}${worn}`;
}

/** @param key of the logo as the brand tells it, so that a change is seen at once */
export function logoOf(
  brandId: string,
  form: FormName,
  version: LogoVersion,
  width: number,
  key: string,
): string {
  return `/api/brands/${brandId}/logos/${form}/picture?version=${version}&width=${width}&key=${key}`;
}

/** A version of a form as a drawing, to be kept. */
export function logoFileOf(brandId: string, form: FormName, version: LogoVersion): string {
  return `/api/brands/${brandId}/logos/${form}/picture?version=${version}&format=svg`;
}

/** @param size in pixels @param key as above */
export function iconOf(brandId: string, size: number, key: string): string {
  return `/api/brands/${brandId}/logos/icon?size=${size}&key=${key}`;
}

/** @param scale 1 to 4 times its size on a screen @param page the only one, 1 first; nothing: all beneath each other */
export function guidePictureOf(
  brandId: string,
  kind: 'guide-png' | 'guide-jpeg',
  theme: string,
  { scale, page, paper }: { scale: number; page: number | undefined; paper: boolean },
): string {
  const only = page === undefined ? '' : `&page=${page}`;
  return `${deliveryOf(brandId, kind, theme)}&scale=${scale}${only}${paper ? '' : '&paper=false'}`;
}

function fileOf(brandId: string, fileId: string): string {
  return `/api/brands/${brandId}/files/${fileId}`;
}

/** A page of a file that exists. @param number 1 for the first */
export function filePageOf(brandId: string, fileId: string, number: number): string {
  return `${fileOf(brandId, fileId)}/pages/${number}`;
}

export function fileContentOf(brandId: string, fileId: string): string {
  return `${fileOf(brandId, fileId)}/content`;
}

export function faultReportOf(
  brandId: string,
  fileId: string,
  theme: string,
  format: 'html' | 'csv',
): string {
  return `${fileOf(brandId, fileId)}/report?format=${format}&theme=${theme}`;
}

/** What is asked for besides the usual when a file is dressed. */
export interface DressWishes {
  /** By hex of a colour in the file the slot that it becomes. */
  mapping: Record<string, string>;
  leftMasters: string[];
  leftLogos: boolean;
  smallerHeadings: boolean;
  templateMaster: boolean;
}

/** The same page as it would be. @param revision of the brand, so that a change is seen at once */
export function dressedPageOf(
  { brand, theme, revision }: Dress,
  fileId: string,
  number: number,
  wishes: DressWishes,
): string {
  const query = new URLSearchParams({ theme, revision: String(revision) });
  for (const [from, slot] of Object.entries(wishes.mapping)) {
    query.append('mapping', `${from.slice(1)}-${slot}`);
  }
  wishes.leftMasters.forEach((master) => query.append('leftMasters', master));
  if (wishes.leftLogos) {
    query.set('leftLogos', 'true');
  }
  if (wishes.smallerHeadings) {
    query.set('smallerHeadings', 'true');
  }
  if (wishes.templateMaster) {
    query.set('templateMaster', 'true');
  }
  return `${fileOf(brand, fileId)}/dress/pages/${number}?${query.toString()}`;
}

/** The same page with one fault mended. @param way which of its ways is gone, 0 first */
export function mendedPageOf(
  { brand, theme, revision }: Dress,
  fileId: string,
  number: number,
  fault: string,
  way: number,
): string {
  return `${fileOf(brand, fileId)}/mend/pages/${number}?theme=${theme}&revision=${revision}&fault=${fault}&way=${way}`;
}

/** By hex of a colour in a graphic the hex that it becomes. */
export type ColorMapping = Record<string, string>;

/** A graphic as it would be in other colours. @param side the longer side; pixels */
export function recoloredOf(
  brandId: string,
  fileId: string,
  mapping: ColorMapping,
  marked: readonly { x: number; y: number; width: number; height: number }[],
  side: number,
): string {
  const query = new URLSearchParams({ side: String(side) });
  for (const [from, to] of Object.entries(mapping)) {
    query.append('mapping', `${from.slice(1)}-${to.slice(1)}`);
  }
  if (marked.length > 0) {
    query.set('marked', marked.map(({ x, y, width, height }) => [x, y, width, height].join()).join());
  }
  return `${fileOf(brandId, fileId)}/recolor/picture?${query.toString()}`;
}

/** A graphic as a PNG file. @param scale pixels for one of its own, 1 to 4 */
export function graphicPngOf(brandId: string, fileId: string, scale: number): string {
  return `${fileOf(brandId, fileId)}/png?scale=${scale}`;
}

/** Several files in one. */
export function filesZipOf(brandId: string, fileIds: readonly string[]): string {
  return `/api/brands/${brandId}/files/zip?files=${fileIds.join()}`;
}

/** Everything as one file. */
export const BACKUP = '/api/backup';
