import type { Contradiction, DraftedRole, Role } from '../../api/types';
import { slotName } from '../theme/slots';

const NAMES: Record<Role, string> = {
  MAIN: 'Main',
  SECONDARY: 'Secondary',
  HIGHLIGHT: 'Highlight',
  TEXT: 'Text',
  TEXT_ON_DARK: 'Text on dark',
  BOX_FILL: 'Box fill',
  POSITIVE: 'Positive',
  NEGATIVE: 'Negative',
  GO: 'Go',
  CAUTION: 'Caution',
  STOP: 'Stop',
  CHART: 'Chart series',
  OFF_LIMITS: 'Off-limits',
  TINTS_OFF_LIMITS: 'Tints off-limits',
};

/** @param role as the trail keeps it */
export function roleName(role: string): string {
  return NAMES[role as Role] ?? role;
}

const USUAL: Record<Role, string> = {
  MAIN: 'Leads: titles, bullets, icons.',
  SECONDARY: 'Supports the main colour: subheadings, levels, lines.',
  HIGHLIGHT: 'For the one thing that matters; it loses its force when it is everywhere.',
  TEXT: 'Body text on light grounds.',
  TEXT_ON_DARK: 'Text on dark grounds.',
  BOX_FILL: 'The quiet ground of boxes and tables.',
  POSITIVE: 'Says that something is well.',
  NEGATIVE: 'Says that something is not.',
  GO: 'Go, in a set with caution and stop.',
  CAUTION: 'Caution, in a set with go and stop.',
  STOP: 'Stop, in a set with go and caution.',
  CHART: 'Series of charts, in this order; the highlight only raises one of them.',
  OFF_LIMITS: 'Must not be used, though the brand names it.',
  TINTS_OFF_LIMITS: 'May be used, but none of its tints.',
};

/** What a role is for, where the brand has no sentence of its own. */
export function usualSentence(role: Role): string {
  return USUAL[role];
}

const REASONS: Record<DraftedRole['reason'], string> = {
  MOST_USED: 'the first colourful one in order of use',
  NEXT_IN_USE: 'the others, in order of use',
  STRONGEST_AND_FARTHEST: 'strongest, and farthest in hue from the main one',
  DARKEST_AND_QUIET: 'darkest, and quiet enough to read',
  LIGHTEST: 'lightest, and reads on the text colour',
  PALE_AND_QUIET: 'pale, so that text reads on it',
  GREEN: 'the strongest green',
  AMBER: 'the strongest amber',
  RED: 'the strongest red',
  IN_ORDER: 'in order of use, without the highlight',
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
    case 'TEXT_ON_BOX_FILL':
      return `${swatch} is the text, but cannot be read on the box fill (${ratio(told.ratio)}; 4.5:1 is needed).`;
    case 'TEXT_ON_DARK_UNREADABLE':
      return `${swatch} is the text on dark, but cannot be read on the text colour (${ratio(told.ratio)}).`;
    case 'HIGHLIGHT_ELSEWHERE':
      return `${swatch} is the highlight and ${role} too; it loses its force.`;
    case 'OFF_LIMITS_IN_ROLE':
      return `${swatch} is off-limits, but has the role ${role}.`;
    case 'OFF_LIMITS_IN_SLOT':
      return `${swatch} is off-limits, but stands in the theme slot ${slot}.`;
    case 'TINT_IN_PALETTE':
      return `Tints of ${swatch} are off-limits, but one stands in the palette.`;
    case 'TINT_IN_SLOT':
      return `Tints of ${swatch} are off-limits, but one stands in the theme slot ${slot}.`;
  }
}
