import type { SectionKind } from '../../api/types';

/** What is dragged from the list of sections or from the sheet, under a type of our own. */
const SECTION = 'application/x-zumbido-section';

/** Browsers hide what is carried until it is dropped. */
let carried: SectionKind | undefined;

export function carrySection(event: DragEvent, kind: SectionKind): void {
  carried = kind;
  event.dataTransfer?.setData(SECTION, kind);
  if (event.dataTransfer) {
    event.dataTransfer.effectAllowed = 'move';
  }
}

/** The section that is being dragged over something; nothing if it is something else. */
export function carriedSection(event: DragEvent): SectionKind | undefined {
  return event.dataTransfer?.types.includes(SECTION) ? carried : undefined;
}
