import type { Note } from './types';

/** A problem detail (RFC 9457) as the server sends it. */
interface ProblemDetail {
  type: string;
  status: number;
  detail?: string;
  errors?: { field: string; message: string }[];
  since?: Note[];
}

/** What went wrong with a request, in words for the place where it happened. */
export class Problem extends Error {
  readonly type: string;
  /** What happened to the brand in other windows, where that is the problem. */
  readonly since: Note[];

  constructor(type: string, message: string, since: Note[] = []) {
    super(message);
    this.type = type;
    this.since = since;
  }

  static of(body: unknown): Problem {
    const detail = body as Partial<ProblemDetail> | undefined;
    const type = detail?.type ?? '/problems/internal';
    return new Problem(type, words(type, detail), detail?.since);
  }

  static get connection(): Problem {
    return new Problem(
      '/problems/connection',
      'Zumbido does not answer. Is it still running? Then try again.',
    );
  }
}

const WORDS: Record<string, string> = {
  '/problems/unknown-brand': 'This brand is not on the shelf. It may have been deleted in another window.',
  '/problems/unknown-source': 'This source is not on the sheet any more.',
  '/problems/unknown-swatch': 'This swatch is not in the palette any more.',
  '/problems/not-a-picture':
    'This file is of no kind that can be read. Save a picture as PNG, SVG, JPEG, WebP, GIF, BMP or PDF.',
  '/problems/picture-broken': 'This file is damaged or cut off. Save or send it once more and drop it again.',
  '/problems/picture-too-large':
    'This file holds more than can be read: 100 million pixels, 60 pages, or 400 MB unpacked are the most.',
  '/problems/file-too-large': 'This file is larger than 50 MB. Make it smaller and drop it again.',
  '/problems/nothing-found': 'This file shows no colour: it is empty, or transparent throughout.',
  '/problems/brand-not-empty':
    'This brand has colours already. Take the ones you want from the picture instead.',
  '/problems/not-a-color':
    'This is no colour code. Write it as 0F7C7A, #0F7C7A, rgb(15 124 122), oklch(53% 0.09 193) or C 80 M 44 Y 0 K 38.',
  '/problems/slot-unfilled': 'Some theme slots are empty. Fill them in Theme, or let Zumbido suggest them.',
};

/** What the server says of these is a sentence for people already. */
const SAID_BY_THE_SERVER = [
  '/problems/too-much-work',
  '/problems/busy',
  '/problems/disk-full',
  '/problems/folder-read-only',
  '/problems/database-locked',
  '/problems/database-damaged',
  '/problems/file-missing',
  '/problems/picture-too-large-to-make',
  '/problems/not-a-font',
  '/problems/font-packed',
  '/problems/font-broken',
  '/problems/font-too-much',
  '/problems/type-invalid',
  '/problems/package-refused',
  '/problems/group-refused',
  '/problems/role-refused',
  '/problems/same-swatch',
];

function words(type: string, detail: Partial<ProblemDetail> | undefined): string {
  const field = detail?.errors?.[0];
  if (field) {
    return `${field.field[0]?.toUpperCase()}${field.field.slice(1)} ${field.message}.`;
  }
  if (detail?.detail && SAID_BY_THE_SERVER.includes(type)) {
    return `${detail.detail}.`;
  }
  return WORDS[type] ?? `That did not work: ${detail?.detail ?? 'the server gave no reason'}.`;
}

/** The message of anything that was thrown. */
export function messageOf(error: unknown): string {
  return error instanceof Error ? error.message : String(error);
}
