import { describe, expect, it } from 'vitest';
import type { ThemeWarning } from '../../api/types';
import { warningWords } from './warnings';

describe('warnings of a theme', () => {
  it.each<[ThemeWarning, string]>([
    [
      { kind: 'text-unreadable', slot: 'dk2', other: 'lt1', value: 3.0912, note: false },
      'Dark 2 on Light 1 has 3.09:1; text needs 4.5:1.',
    ],
    [
      { kind: 'accents-alike', slot: 'accent3', other: 'accent1', value: 1.234, note: false },
      'Accent 3 and Accent 1 are hardly told apart (difference 1.2 ΔE).',
    ],
    [
      { kind: 'accent-repeated', slot: 'accent6', other: 'accent1', value: 0, note: true },
      'Accent 6 repeats Accent 1; that is usual where colours are few.',
    ],
  ])('words %o', (warning, words) => {
    expect(warningWords(warning)).toBe(words);
  });
});
