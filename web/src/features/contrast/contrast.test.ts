import { describe, expect, it } from 'vitest';
import type { Ground, NamedColor, Standing, Swatch } from '../../api/types';
import { colorName, composedWords, groundWords, remedyWords, sheetWords, standingWords } from './contrast';
import { ratioShown } from '../../words/ratio';

function color(hex: string, name: string, slots: string[] = []): NamedColor {
  return { hex, ink: '#000000', name, slots };
}

function standing(name: string, ratio: number, verdict: Standing['verdict'], clashes = false): Standing {
  return { color: color('#0B2A4A', name), ratio, verdict, used: false, toLookAt: false, clashes };
}

describe('contrast in words', () => {
  it('never rounds a ratio up', () => {
    expect(ratioShown(4.4999)).toBe('4.49');
  });

  it('calls a colour by its swatch, its slot or its code', () => {
    expect(colorName(color('#FFFFFF', 'Sailcloth', ['lt1']))).toBe('Sailcloth');
    expect(colorName(color('#FFFFFF', '', ['lt1']))).toBe('Light 1');
    expect(colorName(color('#FFFFFF', ''))).toBe('White');
    expect(colorName(color('#123456', ''))).toBe('123456');
  });

  it('says what a remedy comes to', () => {
    const remedy = { kind: 'another', ratio: 5.0149, cost: 38.21 } as const;
    const ground = color('#FFFFFF', 'Sailcloth');
    expect(remedyWords({ ...remedy, foreground: color('#0F7C7A', 'Harbour teal'), ground })).toBe(
      'Harbour teal 0F7C7A on FFFFFF, 5.01:1, cost 38.2 ΔE',
    );
    expect(remedyWords({ ...remedy, foreground: color('#9D3801', ''), ground })).toBe(
      '9D3801 on FFFFFF, 5.01:1, cost 38.2 ΔE',
    );
  });

  it('tells a helper what to write on a ground and what never', () => {
    const ground: Ground = {
      color: color('#FFFFFF', 'Sailcloth'),
      may: [standing('Night channel', 14.534, 'text'), standing('Buoy orange', 3.091, 'large-text')],
      mayNot: [standing('Foam', 1.12, 'nothing', true)],
    };
    expect(groundWords(ground)).toBe(
      'On Sailcloth, FFFFFF:\n' +
        '  write in Night channel (14.53:1).\n' +
        '  only large, from 18 pt or 14 pt bold: Buoy orange (3.09:1).\n' +
        '  never write in Foam (1.12:1).\n' +
        '  do not set beside it: Foam; they vibrate.',
    );
  });

  it('says what was decided, and why', () => {
    const narrowed = {
      ...standing('Wet rope', 5.8, 'text'),
      rule: { kind: 'narrowed', reason: 'too pale in print' },
    } as const;
    const left = {
      ...standing('Lemon', 1.43, 'nothing'),
      used: true,
      rule: { kind: 'left', reason: 'the lamp' },
    } as const;
    expect(standingWords(narrowed)).toBe('5.80, not allowed');
    expect(standingWords(left)).toBe('1.43, in use, left');
    const words = groundWords({ color: color('#FFFFFF', 'Sailcloth'), may: [], mayNot: [narrowed, left] });
    expect(words).toContain('  not in Wet rope: too pale in print.');
    expect(words).toContain('  hard to read, but left on purpose: Lemon: the lamp.');
    expect(words).not.toContain('never');
  });

  it('never tells a helper to write in what is off-limits', () => {
    const paper: Ground = {
      color: color('#FFFFFF', 'Sailcloth'),
      may: [standing('Night channel', 14.53, 'text')],
      mayNot: [],
    };
    const crossedOut: Ground = { ...paper, color: color('#0B2A4A', 'Night channel'), may: [] };
    const swatch = { name: 'Night channel', hex: '#0B2A4A', offLimits: true } as Swatch;
    expect(sheetWords([paper, crossedOut], [], [swatch])).toBe(
      'On Sailcloth, FFFFFF:\n  write nothing small.\n\nNever use: Night channel, 0B2A4A.',
    );
    expect(sheetWords([paper], [], [{ ...swatch, offLimits: false }])).toBe(groundWords(paper));
  });

  it('tells a helper about a ground of the brand', () => {
    const words = composedWords({
      id: 'g',
      name: 'Title band',
      stops: ['#0B2A4A', '#0F7C7A'],
      radial: false,
      angle: 90,
      overlay: { hex: '#FFFFFF', alpha: 0.7 },
      text: color('#0B2A4A', 'Night channel'),
      worst: { hex: '#B6BFC9', ratio: 7.9, text: true, largeText: true, place: 0 },
      may: [],
      mayNot: [],
    });
    expect(words).toBe(
      'On Title band, a gradient of 0B2A4A, 0F7C7A under FFFFFF at opacity 70 %, lets 30 % through:\n' +
        '  write in Night channel.\n' +
        '  Worst at the first stop, on B6BFC9: 7.90:1; text can be read everywhere.',
    );
  });
});
