const WORDS: Record<string, string> = {
  pptx: 'presentation',
  docx: 'document',
  xlsx: 'workbook',
  odp: 'presentation',
  odt: 'document',
  ods: 'workbook',
  odg: 'drawing',
  css: 'stylesheet',
  html: 'saved page',
  json: 'design tokens',
};

/** The kind of a file that lists colours, in words. */
export function kindWords(kind: string): string {
  return WORDS[kind] ?? kind;
}

const USES: Record<string, string> = {
  text: 'text',
  ground: 'ground',
  border: 'border',
  graphic: 'graphic',
};

/** What a colour is used for and how often, as in 'text 12, ground 3'. */
export function usesWords(uses: readonly { use: string; count: number }[]): string {
  return uses.map(({ use, count }) => `${USES[use] ?? use} ${count}`).join(', ');
}
