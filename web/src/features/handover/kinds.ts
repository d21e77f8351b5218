/** What people are told about a kind of delivery; which kinds there are is the server's to say. */
export interface DeliveryWords {
  name: string;
  size: string;
  /** How it is put in place. */
  use: string;
  /** What is shown of it beforehand. */
  preview: 'template' | 'text' | 'icon' | 'logo' | 'none';
}

const WORDS: Record<string, DeliveryWords> = {
  'presentation-wide': {
    name: 'Presentation template',
    size: 'widescreen, 16:9',
    use: 'Open it: a new presentation begins with these colours and fonts. To make it the one that everything new starts with, save it as the standard template of your presentation program.',
    preview: 'template',
  },
  'presentation-standard': {
    name: 'Standard template',
    size: 'standard, 4:3',
    use: 'The same for narrow screens and projectors. Give everybody the one that their slides are made in: the other one would stretch their pictures.',
    preview: 'template',
  },
  logos: {
    name: 'Logos',
    size: 'by form, ground and size',
    use: 'For everybody who needs the logo: each form for light and dark grounds and in one colour, as drawing and as pictures, with the icons of the site.',
    preview: 'logo',
  },
  'icon-set': {
    name: 'Icon set',
    size: '16 to 512 pixels, .ico, manifest',
    use: 'For whoever keeps the website: put the files at the root of the site, and the lines of head.html into the head of every page.',
    preview: 'icon',
  },
  tokens: {
    name: 'Design tokens',
    size: 'one file, Design Tokens format 2025.10',
    use: 'For programs that build apps and sites: palette, roles, themes and type, each colour written once.',
    preview: 'text',
  },
  table: {
    name: 'Codes as a table',
    size: 'CSV, a line for each colour',
    use: 'For a workbook, or to take the codes into another program.',
    preview: 'text',
  },
  css: {
    name: 'CSS custom properties',
    size: 'one stylesheet',
    use: 'For whoever keeps the website: put it before all other styles, and write var(--name) instead of a code.',
    preview: 'text',
  },
  text: {
    name: 'Codes as text',
    size: 'one page',
    use: 'For every other place: print it, mail it, or paste codes from it.',
    preview: 'text',
  },
};

/** @param fileName what stands for a kind that has no words yet */
export function deliveryWords(kind: string, fileName: string): DeliveryWords {
  return WORDS[kind] ?? { name: fileName, size: 'one file', use: '', preview: 'none' };
}
