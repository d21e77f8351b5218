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

/** In the standard's order. */
export const SLOT_CODES = Object.keys(NAMES);

export function slotName(slot: string): string {
  return NAMES[slot] ?? slot;
}
