import type { Slot, SlotReason, Swatch } from '../../api/types';

const REASONS: Record<SlotReason, string> = {
  'as-its-role-says': 'as its role says',
  'reads-best-on-light': 'darkest: reads best on light',
  'second-dark': 'second dark, reads on lights',
  'nearly-black': 'nearly black, with a hint of it',
  lightest: 'lightest: the paper',
  'second-light': 'quiet light under both darks',
  'black-or-white': 'no brand colour fits here',
  'repeated-to-stay-legible': 'again: no other would read',
  'in-order-of-use': 'next in the palette',
  'in-chart-order': 'next in the chart order',
  'highlight-last': 'the highlight, kept for last',
  'lighter-companion': 'lighter, to be told apart',
  'darker-companion': 'darker, to be told apart',
  'repeated-accent': 'again, in order of use',
  'black-or-grey': 'no more brand colours',
  'customary-link': 'customary on the web',
  'link-reads': 'reads on both grounds',
  'link-deepened': 'darkened until it reads',
  'link-lightened': 'lightened until it reads',
  'visited-differs': 'reads, and differs from the link',
  'turned-to-be-seen': 'moved, to be seen here',
};

/** Why a slot is filled as it is. */
export function reasonOf(slot: Slot): string {
  return slot.reason ? REASONS[slot.reason] : slot.hex ? 'chosen by hand' : 'nobody has set it yet';
}

/** Where the color of a slot comes from. */
export function originOf(slot: Slot, swatches: readonly Swatch[]): string {
  const swatch = swatches.find((candidate) => candidate.id === slot.swatchId);
  switch (slot.fill) {
    case 'swatch':
      return swatch?.name ?? '';
    case 'step':
      return `a step of ${swatch?.name ?? ''}`;
    case 'derived':
      return `${swatch?.name ?? ''}, ${shift(slot.lightness ?? 0)}`;
    case 'fixed':
      return slot.hex === '#FFFFFF' ? 'white' : slot.hex === '#000000' ? 'black' : 'a colour of its own';
    case 'empty':
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
