import { describe, expect, it } from 'vitest';
import type { LogoGround, LogoPiece } from '../../api/types';
import { byGround, groupsOf, initialsOf, whereabouts } from './logos';

function row(over: Partial<LogoGround>): LogoGround {
  return {
    ground: 'Night channel',
    hex: '#0B2A4A',
    form: 'primary',
    version: 'light',
    ratio: 1,
    reads: false,
    chosen: false,
    part: '#0B2A4A',
    ...over,
  };
}

describe('forms on grounds', () => {
  it('speaks together of forms that need the same version', () => {
    const [navy] = byGround([
      row({}),
      row({ version: 'dark', ratio: 4.5, reads: true, chosen: true }),
      row({ form: 'short', ratio: 1.239 }),
      row({ form: 'short', version: 'dark', ratio: 5, reads: true, chosen: true }),
      row({ form: 'icon', ratio: 3.2, reads: true, chosen: true }),
    ]);
    expect(navy?.notes).toEqual(['primary 1.00, short 1.23 as they are: use those for dark grounds']);
    expect(navy?.shown.map(({ form, version }) => `${form} ${version}`)).toEqual([
      'primary dark',
      'short dark',
      'icon light',
    ]);
    expect(navy?.hex).toBe('#0B2A4A');
  });

  it('says of a picture where it reads, and what to lay over it', () => {
    const composed = { id: 'a', stops: [], radial: false, angle: 0, source: 's' };
    const on = { ground: 'harbour.png', composed, x: 0.9, y: 0.5 };
    const [harbour] = byGround([
      row({ ...on, ratio: 1.03 }),
      row({
        ...on,
        version: 'one-light',
        ratio: 1.5,
        chosen: true,
        corner: 'upper-left',
        remedy: { hex: '#0B2A4A', alpha: 0.6, version: 'dark' },
      }),
    ]);
    expect(harbour?.notes).toEqual([
      'primary 1.50 in one light colour: only at the upper left; or lay 0B2A4A over it, opacity 60 %, lets 40 % through, and use the one for dark grounds',
    ]);
    expect(harbour?.worst?.version).toBe('one-light');
  });
});

describe('the pieces of a logo', () => {
  const piece = (group: number, x: number, y: number): LogoPiece => ({
    hex: '#000000',
    x,
    y,
    width: 0.1,
    height: 0.2,
    group,
  });

  it('stand in groups with a box around each', () => {
    const [symbol, line] = groupsOf([piece(1, 0.5, 0.2), piece(0, 0, 0.1), piece(1, 0.7, 0.1)]);
    expect(symbol?.pieces).toHaveLength(1);
    expect(line?.box.x).toBeCloseTo(0.5);
    expect(line?.box.width).toBeCloseTo(0.3);
    expect(line?.box.height).toBeCloseTo(0.3);
  });

  it.each([
    [{ x: 0, y: 0, width: 0.1, height: 0.1 }, 'upper left'],
    [{ x: 0.4, y: 0.4, width: 0.2, height: 0.2 }, 'middle'],
    [{ x: 0.8, y: 0.8, width: 0.2, height: 0.2 }, 'lower right'],
  ])('are found at %o', (box, words) => {
    expect(whereabouts(box)).toBe(words);
  });
});

describe('initials', () => {
  it.each([
    ['Pellory Seed Exchange', 'PS'],
    ['Ostrel', 'O'],
    ['élan & co', 'ÉC'],
    ['3-Berge', '3B'],
  ])('of %s', (name, initials) => {
    expect(initialsOf(name)).toBe(initials);
  });
});
