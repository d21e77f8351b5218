import { describe, expect, it } from 'vitest';
import type { OpenPoint } from '../api/types';
import { files, placeKind, pointWords, sizeWords } from './handover';

function point(kind: OpenPoint['kind'], more: Partial<OpenPoint> = {}): OpenPoint {
  return { kind, swatches: [], slots: [], ...more };
}

function named(...names: string[]) {
  return names.map((name, id) => ({ id: String(id), name }));
}

describe('what is to be looked at before it goes out', () => {
  it('names colours that nobody has named, the first few of many', () => {
    expect(pointWords(point('working-names', { swatches: named('Grey') })).text).toBe(
      'Grey is still called by its first name.',
    );
    expect(pointWords(point('working-names', { swatches: named('A', 'B', 'C', 'D', 'E', 'F') })).text).toBe(
      '6 colours are still called by their first names: A, B, C, D and 2 more.',
    );
  });

  it('says what stands on what and how well', () => {
    const words = pointWords(point('unreadable-text', { slots: ['hlink', 'lt2'], ratio: 3.6299 }));
    expect(words.text).toBe('Hyperlink cannot be read on Light 2: 3.62:1.');
    expect(words.station).toBe('theme');
  });

  it('says which slots are empty, or that all are', () => {
    expect(pointWords(point('empty-slots', { slots: ['accent3'] })).text).toContain('Accent 3');
    expect(pointWords(point('empty-slots', { slots: Array<string>(12).fill('dk1') })).text).toContain(
      'No theme slot is set',
    );
  });

  it('leads to where each is mended', () => {
    expect(pointWords(point('no-stand-in', { family: 'House Sans' })).station).toBe('type');
    expect(pointWords(point('outside-color', { slots: ['accent4'], hex: '#B0B0B1' })).text).toBe(
      'Accent 4 holds B0B0B1, which is not in the palette.',
    );
    expect(
      pointWords(point('close-to-another', { swatches: named('Teal'), hex: '#0F7C7A', brand: 'Kilnmark' }))
        .text,
    ).toBe('Teal is close to 0F7C7A of Kilnmark.');
  });
});

describe('counts and kinds', () => {
  it('are worded as people say them', () => {
    expect(files(1)).toBe('1 file');
    expect(files(17)).toBe('17 files');
    expect(sizeWords(900)).toBe('1 kB');
    expect(sizeWords(48_400)).toBe('48 kB');
    expect(sizeWords(3_652_152)).toBe('3.7 MB');
    expect(placeKind('print')).toBe('print house');
  });
});
