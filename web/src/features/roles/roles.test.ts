import { describe, expect, it } from 'vitest';
import type { Contradiction } from '../../api/types';
import { contradictionWords } from './roles';
import { roleName } from '../../words/roles';

describe('roles in words', () => {
  it.each<[Contradiction, string]>([
    [
      { kind: 'text-on-fill', swatch: 'Navy', role: 'box-fill', ratio: 4.4999 },
      'Navy is the text, but cannot be read on the box fill (4.49:1; 4.5:1 is needed).',
    ],
    [
      { kind: 'highlight-elsewhere', swatch: 'Orange', role: 'secondary' },
      'Orange is the highlight and Secondary too; it loses its force.',
    ],
    [
      { kind: 'off-limits-in-slot', swatch: 'Orange', theme: 'Daylight', slot: 'accent2' },
      'Orange is off-limits, but stands in the theme slot Accent 2 of Daylight.',
    ],
  ])('tells %o', (told, words) => {
    expect(contradictionWords(told)).toBe(words);
  });

  it('keeps what it does not know', () => {
    expect(roleName('text-on-dark')).toBe('Text on dark');
    expect(roleName('OTHER')).toBe('OTHER');
  });
});
