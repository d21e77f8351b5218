import type { Note } from '../../api/types';
import { roleName } from '../roles/roles';
import { slotName } from '../theme/slots';

/** A step of the trail in plain words. */
export function wordsOf(note: Note): string {
  return note.theme ? `${stepWords(note)}, in ${note.theme}` : stepWords(note);
}

function stepWords(note: Note): string {
  const { subject = '', from = '', to = '', count } = note;
  switch (note.kind) {
    case 'BEGUN':
      return 'Brand put on the shelf';
    case 'COPIED':
      return `Copied from ${subject}`;
    case 'BRAND_RENAMED':
      return `Brand renamed from ${from} to ${to}`;
    case 'SHORT_CODE_SET':
      return to ? `Short code set to ${to}` : `Short code ${from} taken away`;
    case 'SWATCHES_ADDED':
      return count === 1 ? `${subject} added` : `${count} swatches added, ${subject} first`;
    case 'SWATCHES_SEEN':
      return count === 1 ? `${subject} found in ${to} too` : `${count} colours found in ${to} too`;
    case 'SWATCH_RENAMED':
      return `${from} renamed to ${to}`;
    case 'SWATCH_RECOLORED':
      return `${subject} changed (${from} → ${to})`;
    case 'SWATCH_LIGHTENED':
      return `${subject} made lighter (${from} → ${to})`;
    case 'SWATCH_DARKENED':
      return `${subject} made darker (${from} → ${to})`;
    case 'SWATCH_STRENGTHENED':
      return `${subject} made stronger (${from} → ${to})`;
    case 'SWATCH_QUIETED':
      return `${subject} made quieter (${from} → ${to})`;
    case 'SWATCH_TURNED':
      return `${subject} turned to another hue (${from} → ${to})`;
    case 'SWATCH_REMOVED':
      return `${subject} removed`;
    case 'SWATCH_MOVED':
      return `${subject} moved from place ${from} to ${to}`;
    case 'SWATCHES_ORDERED':
      return `Palette ordered by ${subject.toLowerCase()}`;
    case 'SWATCHES_MERGED':
      return `${from} made one with ${to}`;
    case 'SWATCHES_GROUPED':
      return count === 1
        ? `${subject} moved from ${from} to ${to}`
        : `${count} swatches moved to ${to}, ${subject} first`;
    case 'SWATCH_NOTED':
      return from === to ? `Note on ${subject} written` : `Spot ink of ${subject}: ${to || 'none'}`;
    case 'SWATCH_FREED':
      return `${subject} stands on its own`;
    case 'GROUP_RENAMED':
      return `Group ${from} renamed to ${to}`;
    case 'GROUP_MOVED':
      return `Group ${subject} moved from place ${from} to ${to}`;
    case 'GROUP_REMOVED':
      return `Group ${subject} taken away`;
    case 'MOOD_APPLIED':
      return `Palette made ${subject.toLowerCase()}: ${count === 1 ? '1 colour' : `${count} colours`}`;
    case 'REMARK_PUT_ASIDE':
      return 'A remark put aside';
    case 'REMARK_BROUGHT_BACK':
      return 'A remark brought back';
    case 'HIERARCHY_MARKED':
      return `Hierarchy marked from ${subject}: ${count === 1 ? '1 colour' : `${count} colours`} in order, ${to} crossed out`;
    case 'OFF_LIMITS_SET':
      return `${subject} is off-limits`;
    case 'OFF_LIMITS_LIFTED':
      return `${subject} is off-limits no more`;
    case 'ROLE_ASSIGNED':
      return count === 0
        ? `${roleName(to)}: nobody any more`
        : `${roleName(to)}: ${subject}${count === 1 ? '' : ` and ${count - 1} more`}`;
    case 'ROLES_DRAFTED':
      return `Roles drafted: ${count}`;
    case 'ROLE_WORDED':
      return `${roleName(from)} worded${to ? `: ${to}` : ' as usual'}`;
    case 'PROPORTION_SET':
      return `Proportion set (${from} → ${to})`;
    case 'CHART_ORDERED':
      return `Chart order improved: ${count} series`;
    case 'SLOT_FILLED':
      return slotWords(slotName(note.slot ?? ''), from, to);
    case 'SUGGESTION_APPLIED':
      return `Theme suggested: ${count} slots`;
    case 'THEME_RENAMED':
      return `Theme renamed from ${from} to ${to}`;
    case 'THEME_GROUND_SET':
      return `Theme put on ${to.toLowerCase()} pages`;
    case 'THEME_ADDED':
      return from ? `Theme ${subject} made from ${from}` : `Theme ${subject} begun`;
    case 'THEME_REMOVED':
      return `Theme ${subject} taken away`;
    case 'THEME_LEADS':
      return `${to} is handed over first, before ${from}`;
    case 'PAIR_NARROWED':
      return `${from} on ${to} not allowed: ${subject}`;
    case 'PAIR_LEFT':
      return `${from} on ${to} left as it is: ${subject}`;
    case 'PAIR_FREED':
      return `${from} on ${to}: nothing decided any more`;
    case 'GROUND_KEPT':
      return `Ground ${subject} kept`;
    case 'GROUND_CHANGED':
      return `Ground ${subject} changed`;
    case 'GROUND_DROPPED':
      return `Ground ${subject} dropped`;
    case 'DRAFTED':
      return `Drafted from ${subject}: ${count === 1 ? '1 colour' : `${count} colours`}`;
    case 'THEME_TAKEN':
      return `Theme taken from ${subject}${count === 0 ? '' : `: ${count === 1 ? '1 swatch' : `${count} swatches`} more`}`;
  }
}

function slotWords(slot: string, from: string, to: string): string {
  if (!to) {
    return `${slot} emptied`;
  }
  return from ? `${slot} set (${from} → ${to})` : `${slot} set to ${to}`;
}
