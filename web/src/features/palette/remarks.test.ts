import { describe, expect, it } from 'vitest';
import type { Remark } from '../../api/types';
import { remarkWords, remedyWords } from './remarks';

const names = new Map([
  ['a', 'Teal'],
  ['b', 'Sea green'],
]);

describe('remarks', () => {
  it.each<[Remark, string, string | undefined]>([
    [
      { key: 'k', kind: 'nearly-the-same', aside: false, swatches: ['a', 'b'], difference: 1.23 },
      'Teal and Sea green are nearly the same (difference 1.2 ΔE).',
      'Make them one',
    ],
    [
      { key: 'k', kind: 'too-many', aside: false, swatches: ['a', 'b'], count: 9 },
      '9 colours in the core are perhaps too many to remember; seven are a lot.',
      'Move the last 2 to Extended',
    ],
    [
      { key: 'k', kind: 'beyond-press', aside: false, swatches: ['a'], difference: 18.06, hex: '#47A947' },
      'Beyond the press (difference 18.1 ΔE); it matters for offset printing only.',
      'Take what the press gives, 47A947',
    ],
    [
      { key: 'k', kind: 'black-alone', aside: false, swatches: ['a'] },
      'Text in it is printed with black ink alone: C 0 M 0 Y 0 K 100.',
      undefined,
    ],
    [
      { key: 'k', kind: 'needs-outline', aside: false, swatches: ['a'] },
      'Melts into white: it gets an outline where it is handed over.',
      undefined,
    ],
  ])('are worded with their remedy: %o', (remark, words, remedy) => {
    expect(remarkWords(remark, names)).toBe(words);
    expect(remedyWords(remark)).toBe(remedy);
  });
});
