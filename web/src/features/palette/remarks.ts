import type { Remark, Swatch } from '../../api/types';

/** What is said beside the swatch that it is about, and not of the palette as a whole. */
const BESIDE_SWATCH: ReadonlySet<Remark['kind']> = new Set(['needs-outline', 'beyond-press', 'black-alone']);

export function isBesideSwatch({ kind }: Remark): boolean {
  return BESIDE_SWATCH.has(kind);
}

type Names = ReadonlyMap<string, string>;

export function namesOf(swatches: readonly Swatch[]): Names {
  return new Map(swatches.map(({ id, name }) => [id, name]));
}

/** A remark in plain words. */
export function remarkWords(remark: Remark, names: Names): string {
  const [first = '', second = ''] = remark.swatches.map((id) => names.get(id) ?? '');
  const difference = remark.difference?.toFixed(1) ?? '';
  switch (remark.kind) {
    case 'nearly-the-same':
      return `${first} and ${second} are nearly the same (difference ${difference} ΔE).`;
    case 'too-many':
      return `${remark.count} colours in the core are perhaps too many to remember; seven are a lot.`;
    case 'too-few':
      return `${remark.count === 1 ? 'One colour is' : 'Two colours are'} perhaps too few; three to five are common.`;
    case 'no-neutral':
      return 'No neutral that body text could be set in.';
    case 'needs-outline':
      return 'Melts into white: it gets an outline where it is handed over.';
    case 'beyond-press':
      return `Beyond the press (difference ${difference} ΔE); it matters for offset printing only.`;
    case 'black-alone':
      return 'Text in it is printed with black ink alone: C 0 M 0 Y 0 K 100.';
  }
}

/** What the remedy does, as its button says; nothing where there is none but to put the remark aside. */
export function remedyWords(remark: Remark): string | undefined {
  switch (remark.kind) {
    case 'nearly-the-same':
      return 'Make them one';
    case 'too-many':
      return `Move the last ${remark.swatches.length === 1 ? 'one' : remark.swatches.length} to Extended`;
    case 'too-few':
    case 'no-neutral':
      return 'See what is missing';
    case 'needs-outline':
    case 'black-alone':
      return undefined;
    case 'beyond-press':
      return `Take what the press gives, ${remark.hex?.slice(1) ?? ''}`;
  }
}
