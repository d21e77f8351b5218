import { describe, expect, it } from 'vitest';
import type { Consequences } from '../../api/types';
import { consequenceLines, isFollowed } from './consequences';

const NOTHING: Consequences = {
  swatches: [],
  slots: [],
  tints: 0,
  pairs: [],
  roles: [],
  grounds: [],
  inside: true,
};

describe('what follows a change', () => {
  it('is told line by line', () => {
    const consequences: Consequences = {
      ...NOTHING,
      swatches: [
        { id: 'a', name: 'Teal', from: '#0F7C7A', to: '#12B5B0', derived: false },
        { id: 'b', name: 'Pale teal', from: '#A7D8D6', to: '#B0E4E2', derived: true },
      ],
      slots: [
        { theme: 'Daylight', slot: 'accent1', from: '#0F7C7A', to: '#12B5B0' },
        { theme: 'Night', slot: 'accent1', from: '#0F7C7A', to: '#12B5B0' },
        { theme: 'Night', slot: 'dk2', from: '#0F7C7A', to: '#12B5B0' },
      ],
      tints: 5,
      roles: ['main', 'chart'],
      grounds: [{ name: 'Title band', reads: false }],
      pairs: [
        {
          theme: 'Daylight',
          kind: 'link',
          foreground: 'hlink',
          ground: 'lt1',
          before: 5.0549,
          after: 2.529,
          passes: false,
        },
      ],
    };
    expect(consequenceLines(consequences, 'a')).toEqual([
      '1 swatch: Pale teal (A7D8D6 → B0E4E2)',
      '1 slot of Daylight: Accent 1',
      '2 slots of Night: Accent 1, Dark 2',
      '5 derived tints of these slots',
      'Daylight: Hyperlink on Light 1, link: 5.05:1 → 2.52:1, too low',
      '2 roles: Main, Chart series',
      'Ground Title band is painted anew; its text cannot be read any more',
      'What is handed over from now on; files that are out already keep the old colour',
    ]);
    expect(isFollowed(consequences, 'a')).toBe(true);
  });

  it('is nothing for a swatch that nobody uses', () => {
    const alone = {
      ...NOTHING,
      swatches: [{ id: 'a', name: 'Teal', from: '#0F7C7A', to: '#12B5B0', derived: false }],
    };
    expect(consequenceLines(alone, 'a')).toEqual([]);
    expect(isFollowed(alone, 'a')).toBe(false);
  });

  it('says when a swatch leaves', () => {
    const merged = {
      ...NOTHING,
      swatches: [{ id: 'a', name: 'Teal', from: '#0F7C7A', derived: false }],
    };
    expect(consequenceLines(merged)).toEqual(['1 swatch: Teal (0F7C7A → gone)']);
  });
});
