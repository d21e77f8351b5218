import type { Note } from '../api/types';
import { shareName, sheetName } from './guide';
import { notedForm, notedOrigin, notedVersion } from './logos';
import { roleName } from './roles';
import { slotName } from './slots';
import { scaleName, typeRoleName } from './type';

/** A step of the trail in plain words. */
export function wordsOf(note: Note): string {
  return note.theme ? `${stepWords(note)}, in ${note.theme}` : stepWords(note);
}

function stepWords(note: Note): string {
  const { subject = '', from = '', to = '', count } = note;
  switch (note.kind) {
    case 'begun':
      return 'Brand put on the shelf';
    case 'copied':
      return `Copied from ${subject}`;
    case 'brand-renamed':
      return `Brand renamed from ${from} to ${to}`;
    case 'short-code-set':
      return to ? `Short code set to ${to}` : `Short code ${from} taken away`;
    case 'swatches-added':
      return count === 1 ? `${subject} added` : `${count} swatches added, ${subject} first`;
    case 'swatches-seen':
      return count === 1 ? `${subject} found in ${to} too` : `${count} colours found in ${to} too`;
    case 'swatch-renamed':
      return `${from} renamed to ${to}`;
    case 'swatch-recolored':
      return `${subject} changed (${from} → ${to})`;
    case 'swatch-lightened':
      return `${subject} made lighter (${from} → ${to})`;
    case 'swatch-darkened':
      return `${subject} made darker (${from} → ${to})`;
    case 'swatch-strengthened':
      return `${subject} made stronger (${from} → ${to})`;
    case 'swatch-quieted':
      return `${subject} made quieter (${from} → ${to})`;
    case 'swatch-turned':
      return `${subject} turned to another hue (${from} → ${to})`;
    case 'swatch-removed':
      return `${subject} removed`;
    case 'swatch-moved':
      return `${subject} moved from place ${from} to ${to}`;
    case 'swatches-ordered':
      return `Palette ordered by ${subject.toLowerCase()}`;
    case 'swatches-merged':
      return `${from} made one with ${to}`;
    case 'swatches-grouped':
      return count === 1
        ? `${subject} moved from ${from} to ${to}`
        : `${count} swatches moved to ${to}, ${subject} first`;
    case 'swatch-noted':
      return from === to ? `Note on ${subject} written` : `Spot ink of ${subject}: ${to || 'none'}`;
    case 'swatch-freed':
      return `${subject} stands on its own`;
    case 'group-renamed':
      return `Group ${from} renamed to ${to}`;
    case 'group-moved':
      return `Group ${subject} moved from place ${from} to ${to}`;
    case 'group-removed':
      return `Group ${subject} taken away`;
    case 'palette-begun':
      return count === 0 ? `Palette ${to} begun, ${from} kept` : `Palette ${to} begun as a copy of ${from}`;
    case 'palette-used':
      return `Palette ${to} put in force, ${from} kept`;
    case 'palette-renamed':
      return `Palette ${from} renamed to ${to}`;
    case 'palette-dropped':
      return `Palette ${subject} taken away`;
    case 'mood-applied':
      return `Palette made ${subject.toLowerCase()}: ${count === 1 ? '1 colour' : `${count} colours`}`;
    case 'remark-put-aside':
      return 'A remark put aside';
    case 'remark-brought-back':
      return 'A remark brought back';
    case 'hierarchy-marked':
      return `Hierarchy marked from ${subject}: ${count === 1 ? '1 colour' : `${count} colours`} in order, ${to} crossed out`;
    case 'off-limits-set':
      return `${subject} is off-limits`;
    case 'off-limits-lifted':
      return `${subject} is off-limits no more`;
    case 'role-assigned':
      return count === 0
        ? `${noted(to)}: nobody any more`
        : `${noted(to)}: ${subject}${count === 1 ? '' : ` and ${count - 1} more`}`;
    case 'roles-drafted':
      return `Roles drafted: ${count}`;
    case 'role-worded':
      return `${noted(from)} worded${to ? `: ${to}` : ' as usual'}`;
    case 'proportion-set':
      return `Proportion set (${from} → ${to})`;
    case 'chart-ordered':
      return `Chart order improved: ${count} series`;
    case 'slot-filled':
      return slotWords(slotName(note.slot ?? ''), from, to);
    case 'suggestion-applied':
      return `Theme suggested: ${count} slots`;
    case 'suggestion-policy-set':
      return `What suggestions heed set: ${count === 1 ? '1 slot' : `${count} slots`} kept`;
    case 'theme-renamed':
      return `Theme renamed from ${from} to ${to}`;
    case 'theme-ground-set':
      return `Theme put on ${to.toLowerCase()} pages`;
    case 'theme-added':
      return from ? `Theme ${subject} made from ${from}` : `Theme ${subject} begun`;
    case 'theme-removed':
      return `Theme ${subject} taken away`;
    case 'theme-leads':
      return `${to} is handed over first, before ${from}`;
    case 'pair-narrowed':
      return `${from} on ${to} not allowed: ${subject}`;
    case 'pair-left':
      return `${from} on ${to} left as it is: ${subject}`;
    case 'pair-allowed':
      return `${from} on ${to} allowed: ${subject}`;
    case 'pair-freed':
      return `${from} on ${to}: nothing decided any more`;
    case 'ground-kept':
      return `Ground ${subject} kept`;
    case 'ground-changed':
      return `Ground ${subject} changed`;
    case 'ground-dropped':
      return `Ground ${subject} dropped`;
    case 'lettering-set':
      return `${typeRoleName(subject)} set in ${to} instead of ${from}`;
    case 'lettering-sized':
      return `${typeRoleName(subject)} sized ${to} instead of ${from}`;
    case 'lettering-styled':
      return `${typeRoleName(subject)} in ${to} styled`;
    case 'lettering-colored':
      return `${typeRoleName(subject)} in the colour of ${noted(to)} instead of ${noted(from)}`;
    case 'stand-ins-chosen':
      return `Stand-ins for ${to} chosen`;
    case 'logo-face-dropped':
      return `Logo set as the heading is, no more in ${subject}`;
    case 'pair-of-faces-taken':
      return `Set in ${from} with ${to}`;
    case 'type-scaled':
      return `Sizes on a scale: ${scaleName(subject)}`;
    case 'languages-set':
      return count === 1 ? 'One language to write in' : `${count} languages to write in`;
    case 'logo-put':
      return `${to} is the ${notedForm(subject)}`;
    case 'logo-made':
      return `${capital(notedForm(subject))} made${to ? ` of ${notedOrigin(to)}` : ''}`;
    case 'logo-trimmed':
      return `${capital(notedForm(subject))} trimmed otherwise`;
    case 'logo-dropped':
      return `${capital(notedForm(subject))} dropped`;
    case 'logo-version-put':
      return `${to} is the ${notedForm(subject)} ${notedVersion(from)}`;
    case 'logo-version-freed':
      return `${capital(notedForm(subject))} ${notedVersion(from)} made by the program again`;
    case 'logo-measured':
      return `Room and least size of the ${notedForm(subject)} set`;
    case 'logo-worded':
      return `Where the ${notedForm(subject)} is used worded`;
    case 'element-added':
      return `${subject} belongs to the brand`;
    case 'element-changed':
      return `${subject} changed`;
    case 'template-designed':
      return 'Presentation template designed anew';
    case 'guide-sheet-set':
      return `Guide laid out on ${sheetName(subject)}`;
    case 'guide-section-shown':
      return `${subject} stands in the guide`;
    case 'guide-section-left-out':
      return `${subject} left out of the guide`;
    case 'guide-section-moved':
      return `${subject} moved in the guide (place ${from} → ${to})`;
    case 'guide-section-sized':
      return `${subject} takes ${shareName(to)} in the guide`;
    case 'guide-section-retitled':
      return `Section ${from} of the guide is called ${to}`;
    case 'guide-section-noted':
      return `Note on ${subject} in the guide changed`;
    case 'guide-worded':
      return 'Words of the guide changed';
    case 'guide-mood-set':
      return count === 0
        ? 'No mood pictures in the guide'
        : `Mood of the guide: ${count === 1 ? '1 picture' : `${count} pictures`}`;
    case 'element-dropped':
      return `${subject} belongs to the brand no more`;
    case 'drafted':
      return `Drafted from ${subject}: ${count === 1 ? '1 colour' : `${count} colours`}`;
    case 'drafted-again':
      return `Drafted again from ${subject}: ${count === 1 ? '1 colour' : `${count} colours`}`;
    case 'theme-taken':
      return `Theme taken from ${subject}${count === 0 ? '' : `: ${count === 1 ? '1 swatch' : `${count} swatches`} more`}`;
  }
}

/** The trail keeps names as they were when the step was made. */
function noted(role: string): string {
  return roleName(role.toLowerCase().replaceAll('_', '-'));
}

function slotWords(slot: string, from: string, to: string): string {
  if (!to) {
    return `${slot} emptied`;
  }
  return from ? `${slot} set (${from} → ${to})` : `${slot} set to ${to}`;
}

function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}
