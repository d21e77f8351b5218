import type { Role } from '../api/types';

const NAMES: Record<Role, string> = {
  main: 'Main',
  secondary: 'Secondary',
  highlight: 'Highlight',
  text: 'Text',
  'text-on-dark': 'Text on dark',
  'box-fill': 'Box fill',
  'table-head': 'Table head',
  band: 'Table rows',
  positive: 'Positive',
  negative: 'Negative',
  go: 'Go',
  caution: 'Caution',
  stop: 'Stop',
  chart: 'Chart series',
  'off-limits': 'Off-limits',
  'tints-off-limits': 'Tints off-limits',
};

/** @param role as the trail keeps it */
export function roleName(role: string): string {
  return NAMES[role as Role] ?? role;
}
