import type { OpenPoint, PlaceKind } from '../api/types';
import { ratioShown } from './ratio';
import { slotName } from './slots';

/** Something to look at before it goes out, in words; links lead to where it is mended. */
export interface PointWords {
  text: string;
  station: 'palette' | 'theme' | 'type';
  where: string;
}

export function pointWords(point: OpenPoint): PointWords {
  const names = point.swatches.map(({ name }) => name);
  const slots = point.slots.map(slotName);
  switch (point.kind) {
    case 'working-names':
      return {
        text:
          names.length === 1
            ? `${names[0]} is still called by its first name.`
            : `${names.length} colours are still called by their first names: ${listed(names)}.`,
        station: 'palette',
        where: 'Name them in Palette',
      };
    case 'empty-slots':
      return {
        text:
          slots.length === 12
            ? 'No theme slot is set, so there are no slides, letters and sheets.'
            : `Theme slots are empty, so there are no slides, letters and sheets: ${listed(slots)}.`,
        station: 'theme',
        where: 'Fill them in Theme',
      };
    case 'unreadable-text':
      return {
        text: `${slots[0]} cannot be read on ${slots[1]}: ${ratioShown(point.ratio ?? 1)}:1.`,
        station: 'theme',
        where: 'Change it in Theme',
      };
    case 'no-stand-in':
      return {
        text: `Nobody knows what others see instead of ${point.family}.`,
        station: 'type',
        where: 'Choose a stand-in in Type',
      };
    case 'outside-color':
      return {
        text: `${slots[0]} holds ${point.hex?.slice(1)}, which is not in the palette.`,
        station: 'theme',
        where: 'Look at it in Theme',
      };
    case 'close-to-another':
      return {
        text: `${names[0]} is close to ${point.hex?.slice(1)} of ${point.brand}.`,
        station: 'palette',
        where: 'Look at it in Palette',
      };
  }
}

/** The first few of many. */
function listed(names: readonly string[]): string {
  const most = 4;
  const more = names.length - most;
  return more > 0 ? `${names.slice(0, most).join(', ')} and ${more} more` : names.join(', ');
}

export const PLACE_KINDS: readonly { value: PlaceKind; name: string }[] = [
  { value: 'site', name: 'site' },
  { value: 'mail', name: 'mail tool' },
  { value: 'video', name: 'video tool' },
  { value: 'print', name: 'print house' },
  { value: 'other', name: 'other' },
];

export function placeKind(kind: PlaceKind): string {
  return PLACE_KINDS.find(({ value }) => value === kind)?.name ?? kind;
}

export function files(count: number): string {
  return count === 1 ? '1 file' : `${count} files`;
}

/** @param bytes as people count them */
export function sizeWords(bytes: number): string {
  return bytes < 100_000
    ? `${Math.max(1, Math.round(bytes / 1000))} kB`
    : `${(bytes / 1_000_000).toFixed(1)} MB`;
}
