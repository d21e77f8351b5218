import { describe, expect, it } from 'vitest';
import { originsWords } from './origins';

describe('where a swatch came from', () => {
  it('says source, place and area', () => {
    expect(originsWords([{ source: 'harbour.jpg', x: 412, y: 96, area: 7 }])).toBe(
      'from harbour.jpg at 412, 96, area 7',
    );
  });

  it('says every place', () => {
    expect(originsWords([{ source: 'logo.png', x: 3, y: 4 }, { source: 'site.css' }])).toBe(
      'from logo.png at 3, 4; also site.css',
    );
  });

  it('says so when it was typed', () => {
    expect(originsWords([])).toBe('entered by its code');
  });
});
