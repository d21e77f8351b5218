import type { Gap } from '../../api/types';

const EYES: Record<string, string> = {
  normal: 'full colour vision',
  protan: 'little red (protan)',
  deutan: 'little green (deutan)',
  tritan: 'little blue (tritan)',
};

function relation(gap: Gap): string {
  const base = gap.base ?? 'the palette';
  switch (gap.reason) {
    case 'complementary':
      return `Opposite ${base} on the circle of hues`;
    case 'split':
      return `Beside the opposite of ${base}`;
    case 'triad':
      return `A third of the circle away from ${base}`;
    case 'tetrad':
      return `A quarter of the circle away from ${base}`;
    case 'empty-stretch':
      return 'In the middle of the widest stretch of hues that is empty';
    case 'text':
      return gap.base ? `For body text, with a hint of ${base}` : 'For body text';
    case 'middle':
      return gap.base ? `For lines and second texts, with a hint of ${base}` : 'For lines and second texts';
    case 'field':
      return gap.base ? `For fields behind dark text, with a hint of ${base}` : 'For fields behind dark text';
  }
}

/** Why a missing colour is proposed, in a sentence. */
export function gapReason(gap: Gap): string {
  const apart = gap.nearest
    ? `; hardest to tell from ${gap.nearest} with ${EYES[gap.eyes] ?? gap.eyes}, difference ${gap.difference.toFixed(1)} ΔE`
    : '';
  return `${relation(gap)}${apart}; ${(Math.floor(gap.onWhite * 100) / 100).toFixed(2)}:1 on white.`;
}
