/** Roles, scales, places and languages of type in plain words. */
const ROLES: Record<string, string> = {
  heading: 'Heading',
  subheading: 'Subheading',
  body: 'Body',
  logo: 'Logo face',
};

const SCALES: Record<string, string> = {
  'minor-third': 'minor third, 6 : 5',
  'major-third': 'major third, 5 : 4',
  fourth: 'fourth, 4 : 3',
  fifth: 'fifth, 3 : 2',
  golden: 'golden section, 1.618 : 1',
};

const PLACES: Record<string, string> = { slides: 'slides', letters: 'letters', mail: 'mail', site: 'site' };

const KINDS: Record<string, string> = {
  serif: 'serif',
  sans: 'sans',
  mono: 'mono',
  slab: 'slab',
  script: 'script',
  display: 'display',
  condensed: 'condensed',
  rounded: 'rounded',
};

const EMBEDDING: Record<string, string> = {
  installable: 'May be embedded and installed by others.',
  editable: 'May be embedded in documents that others edit.',
  print: 'May be embedded only to look at and to print.',
  none: 'May not be embedded.',
};

const LANGUAGES: Record<string, string> = {
  en: 'English',
  de: 'German',
  es: 'Spanish',
  fr: 'French',
  pt: 'Portuguese',
  it: 'Italian',
  nl: 'Dutch',
  da: 'Danish',
  nb: 'Norwegian',
  sv: 'Swedish',
  fi: 'Finnish',
  pl: 'Polish',
  cs: 'Czech',
  hu: 'Hungarian',
  ro: 'Romanian',
  tr: 'Turkish',
};

/** As the trail keeps a name, or as the server says it. */
function wire(name: string): string {
  return name.toLowerCase().replaceAll('_', '-');
}

export const typeRoleName = (role: string): string => ROLES[wire(role)] ?? role;
export const scaleName = (scale: string): string => SCALES[wire(scale)] ?? scale;
export const placeName = (place: string): string => PLACES[wire(place)] ?? place;
export const kindName = (kind: string): string => KINDS[wire(kind)] ?? kind;
export const embeddingWords = (embedding: string): string => EMBEDDING[wire(embedding)] ?? embedding;
export const languageName = (code: string): string => LANGUAGES[code] ?? code;

export const SCALE_NAMES = Object.keys(SCALES);
export const LANGUAGE_CODES = Object.keys(LANGUAGES);
