import type { Swatch } from '../../api/types';

type Origin = Swatch['origins'][number];

function placeWords(origin: Origin): string {
  const place = origin.x === undefined ? '' : ` at ${origin.x}, ${origin.y}`;
  return `${origin.source}${place}${origin.area === undefined ? '' : `, area ${origin.area}`}`;
}

/** Where a swatch came from, as in 'from harbour.jpg at 412, 96, area 7'. */
export function originsWords(origins: readonly Origin[]): string {
  return origins.length === 0 ? 'entered by its code' : `from ${origins.map(placeWords).join('; also ')}`;
}
