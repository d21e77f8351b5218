/** What a guide is laid out on, as the trail and the page name it. */
const SHEETS: Record<string, string> = {
  a4: 'A4',
  letter: 'Letter',
  slide: 'slides',
  board: 'a board',
};

const SHARES: Record<string, string> = {
  third: 'a third of the width',
  half: 'half the width',
  full: 'the full width',
};

/** @param format as the trail keeps it */
export function sheetName(format: string): string {
  return SHEETS[format] ?? format;
}

/** @param share as the trail keeps it */
export function shareName(share: string): string {
  return SHARES[share] ?? share;
}
