import type { Slot, SlotReason, Swatch } from '../../api/types';

const NAMES: Record<string, string> = {
  dk1: 'Dark 1',
  lt1: 'Light 1',
  dk2: 'Dark 2',
  lt2: 'Light 2',
  accent1: 'Accent 1',
  accent2: 'Accent 2',
  accent3: 'Accent 3',
  accent4: 'Accent 4',
  accent5: 'Accent 5',
  accent6: 'Accent 6',
  hlink: 'Hyperlink',
  folHlink: 'Followed hyperlink',
};

export function slotName(slot: string): string {
  return NAMES[slot] ?? slot;
}

const REASONS: Record<SlotReason, string> = {
  AS_ITS_ROLE_SAYS: 'as its role says',
  READS_BEST_ON_LIGHT: 'darkest: reads best on light',
  SECOND_DARK: 'second dark, reads on lights',
  LIGHTEST: 'lightest: the paper',
  SECOND_LIGHT: 'quiet light under both darks',
  BLACK_OR_WHITE: 'no brand colour fits here',
  REPEATED_TO_STAY_LEGIBLE: 'again: no other would read',
  IN_ORDER_OF_USE: 'next in the palette',
  IN_CHART_ORDER: 'next in the chart order',
  HIGHLIGHT_LAST: 'the highlight, kept for last',
  LIGHTER_COMPANION: 'lighter, to be told apart',
  DARKER_COMPANION: 'darker, to be told apart',
  REPEATED_ACCENT: 'again, in order of use',
  BLACK_OR_GREY: 'no more brand colours',
  CUSTOMARY_LINK: 'customary on the web',
  LINK_READS: 'reads on both grounds',
  LINK_DEEPENED: 'darkened until it reads',
  LINK_LIGHTENED: 'lightened until it reads',
  VISITED_DIFFERS: 'reads, and differs from the link',
  TURNED_TO_BE_SEEN: 'moved, to be seen here',
};

/** Why a slot is filled as it is. */
export function reasonOf(slot: Slot): string {
  return slot.reason ? REASONS[slot.reason] : slot.hex ? 'chosen by hand' : 'nobody has set it yet';
}

/** Where the color of a slot comes from. */
export function originOf(slot: Slot, swatches: readonly Swatch[]): string {
  const swatch = swatches.find((candidate) => candidate.id === slot.swatchId);
  switch (slot.fill) {
    case 'SWATCH':
      return swatch?.name ?? '';
    case 'STEP':
      return `a step of ${swatch?.name ?? ''}`;
    case 'DERIVED':
      return `${swatch?.name ?? ''}, ${shift(slot.lightness ?? 0)}`;
    case 'FIXED':
      return slot.hex === '#FFFFFF' ? 'white' : slot.hex === '#000000' ? 'black' : 'a colour of its own';
    case 'EMPTY':
      return 'empty';
  }
}

function shift(lightness: number): string {
  const points = Math.round(Math.abs(lightness) * 100);
  return `${points} % ${lightness > 0 ? 'lighter' : 'darker'}`;
}

/** How far a slot lies from the same slot of another theme. @param difference ΔE00; nothing where one is empty */
export function differenceWords(difference: number | undefined): string {
  if (difference === undefined) {
    return 'only one is set';
  }
  return difference === 0 ? 'the same' : `differs by ${difference.toFixed(1)} ΔE`;
}
