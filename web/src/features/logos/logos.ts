import type { FormName, LogoGround, LogoPiece } from '../../api/types';
import { FORM_NAMES, versionName, versionShort } from '../../words/logos';
import { slotName } from '../../words/slots';
import { opacityWords } from '../../words/opacity';
import { ratioShown } from '../../words/ratio';

/** One ground with the forms on it. */
export interface OnGround {
  key: string;
  name: string;
  /** Of a plain colour. */
  hex?: string;
  composed?: LogoGround['composed'];
  /** Of each form the version to be used there. */
  shown: LogoGround[];
  /** What does not read, and what to use instead. */
  notes: string[];
  /** Where it is hardest to see, of the first form. */
  worst?: LogoGround;
}

/** @param rows every version of every form on every ground */
export function byGround(rows: readonly LogoGround[]): OnGround[] {
  const grounds: Record<string, LogoGround[]> = {};
  for (const row of rows) {
    const key = row.composed?.id ?? row.hex;
    (grounds[key] ??= []).push(row);
  }
  return Object.entries(grounds).map(([key, all]) => {
    const first = all[0] as LogoGround;
    const chosen = FORM_NAMES.flatMap((form) => all.filter((row) => row.form === form && row.chosen));
    return {
      key,
      name: slotName(first.ground),
      ...(first.composed ? { composed: first.composed } : { hex: first.hex }),
      // On a picture one is enough to be seen: all of them would stand in the same corner.
      shown: chosen.filter((row) => row.reads || row.corner).slice(0, first.composed?.source ? 1 : undefined),
      notes: notesOf(all),
      ...(first.composed ? { worst: chosen.find((row) => !row.reads) ?? chosen[0] } : {}),
    } as OnGround;
  });
}

/** Says what does not read on one ground and what to use instead; forms that need the same are spoken of together. */
function notesOf(rows: LogoGround[]): string[] {
  const instead: Partial<Record<LogoGround['version'], string[]>> = {};
  const others: Record<string, string[]> = {};
  for (const form of FORM_NAMES) {
    const own = rows.filter((row) => row.form === form);
    const asItIs = own.find(({ version }) => version === 'light');
    const chosen = own.find((row) => row.chosen);
    if (!asItIs || !chosen || asItIs.reads) {
      continue;
    }
    if (chosen.reads) {
      (instead[chosen.version] ??= []).push(`${form} ${ratioShown(asItIs.ratio)}`);
    } else {
      (others[nothingReads(chosen)] ??= []).push(`${form} ${ratioShown(chosen.ratio)}`);
    }
  }
  const words = Object.entries(instead).map(
    ([version, forms]) =>
      `${forms.join(', ')} as ${forms.length === 1 ? 'it is' : 'they are'}: use ${forms.length === 1 ? 'the one' : 'those'} ${versionName(version as LogoGround['version'])}`,
  );
  return [...words, ...Object.entries(others).map(([what, forms]) => `${forms.join(', ')} ${what}`)];
}

function nothingReads(best: LogoGround): string {
  const seen = versionName(best.version);
  const corner = best.corner ? `: only at the ${cornerName(best.corner)}` : ': not on all of it';
  const remedy = best.remedy
    ? `; or lay ${best.remedy.hex.slice(1)} over it, ${opacityWords(Math.round(best.remedy.alpha * 100))}, and use the one ${versionName(best.remedy.version)}`
    : '';
  return seen + corner + remedy;
}

export function cornerName(corner: string): string {
  return corner.replaceAll('-', ' ');
}

/** What stands beneath a form on a ground. */
export function captionOf(row: LogoGround): string {
  const parts = [row.form as string, versionShort(row.version), row.corner ? cornerName(row.corner) : ''];
  return parts.filter(Boolean).join(', ');
}

export function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** Pieces that stand together, with the box around them; in shares of the form. */
export interface PieceGroup {
  number: number;
  pieces: LogoPiece[];
  box: { x: number; y: number; width: number; height: number };
}

export function groupsOf(pieces: readonly LogoPiece[]): PieceGroup[] {
  const numbers = [...new Set(pieces.map(({ group }) => group))].sort((a, b) => a - b);
  return numbers.map((number) => {
    const own = pieces.filter(({ group }) => group === number);
    const x = Math.min(...own.map((piece) => piece.x));
    const y = Math.min(...own.map((piece) => piece.y));
    return {
      number,
      pieces: own,
      box: {
        x,
        y,
        width: Math.max(...own.map((piece) => piece.x + piece.width)) - x,
        height: Math.max(...own.map((piece) => piece.y + piece.height)) - y,
      },
    };
  });
}

/** @return where on the form a part lies, for those who do not see it */
export function whereabouts(box: PieceGroup['box']): string {
  const x = box.x + box.width / 2;
  const y = box.y + box.height / 2;
  const across = x < 0.34 ? 'left' : x > 0.66 ? 'right' : 'middle';
  const down = y < 0.34 ? 'upper' : y > 0.66 ? 'lower' : '';
  return [down, across].filter(Boolean).join(' ');
}

/** Initials that a name suggests: two are read at 16 pixels more easily than three. */
export function initialsOf(name: string): string {
  return name
    .split(/[\s-]+/)
    .map((word) => [...word][0] ?? '')
    .filter((letter) => /\p{L}|\p{N}/u.test(letter))
    .slice(0, 2)
    .join('')
    .toUpperCase();
}

/** What a form can be made of, by us. */
export const MAKES: Record<FormName, string | undefined> = {
  primary: undefined,
  short: 'Leave parts out',
  submark: 'Cut the symbol out',
  icon: 'Make the icon',
};
