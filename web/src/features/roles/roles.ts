import type { Contradiction, DraftedRole, Role } from '../../api/types';
import { roleName } from '../../words/roles';
import { slotName } from '../../words/slots';

const USUAL: Record<Role, string> = {
  main: 'Leads: titles, bullets, icons.',
  secondary: 'Supports the main colour: subheadings, levels, lines.',
  highlight: 'For the one thing that matters; it loses its force when it is everywhere.',
  text: 'Body text on light grounds.',
  'text-on-dark': 'Text on dark grounds.',
  'box-fill': 'The quiet ground of boxes and tables.',
  'table-head': 'Heads of tables; without one the main colour.',
  band: 'Every second row of tables; without one the second ground.',
  positive: 'Says that something is well.',
  negative: 'Says that something is not.',
  go: 'Go, in a set with caution and stop.',
  caution: 'Caution, in a set with go and stop.',
  stop: 'Stop, in a set with go and caution.',
  chart: 'Series of charts, in this order; the highlight only raises one of them.',
  'off-limits': 'Must not be used, though the brand names it.',
  'tints-off-limits': 'May be used, but none of its tints.',
};

/** What a role is for, where the brand has no sentence of its own. */
export function usualSentence(role: Role): string {
  return USUAL[role];
}

const REASONS: Record<DraftedRole['reason'], string> = {
  'most-used': 'the first colourful one in order of use',
  'next-in-use': 'the others, in order of use',
  'strongest-and-farthest': 'strongest, and farthest in hue from the main one',
  'darkest-and-quiet': 'darkest, and quiet enough to read',
  lightest: 'lightest, and reads on the text colour',
  'pale-and-quiet': 'pale, so that text reads on it',
  green: 'the strongest green',
  amber: 'the strongest amber',
  red: 'the strongest red',
  'in-order': 'in order of use, without the highlight',
};

/** Why a role was drafted so. */
export function reasonWords(reason: DraftedRole['reason']): string {
  return REASONS[reason];
}

function ratio(value: number | undefined): string {
  return `${(Math.floor((value ?? 0) * 100) / 100).toFixed(2)}:1`;
}

/** Where the brand says one thing and does another, in words. */
export function contradictionWords(told: Contradiction): string {
  const { swatch } = told;
  const role = told.role ? roleName(told.role) : '';
  const slot = told.slot ? `${slotName(told.slot)} of ${told.theme}` : '';
  switch (told.kind) {
    case 'text-on-fill':
      return `${swatch} is the text, but cannot be read on the ${role.toLowerCase()} (${ratio(told.ratio)}; 4.5:1 is needed).`;
    case 'text-on-dark-unreadable':
      return `${swatch} is the text on dark, but cannot be read on the text colour (${ratio(told.ratio)}).`;
    case 'highlight-elsewhere':
      return `${swatch} is the highlight and ${role} too; it loses its force.`;
    case 'off-limits-in-role':
      return `${swatch} is off-limits, but has the role ${role}.`;
    case 'off-limits-in-slot':
      return `${swatch} is off-limits, but stands in the theme slot ${slot}.`;
    case 'tint-in-palette':
      return `Tints of ${swatch} are off-limits, but one stands in the palette.`;
    case 'tint-in-slot':
      return `Tints of ${swatch} are off-limits, but one stands in the theme slot ${slot}.`;
  }
}
