import { describe, expect, it } from 'vitest';
import type { Slot, Swatch } from '../../api/types';
import { originOf, reasonOf } from './slots';
import { slotName } from '../../words/slots';

const TEAL: Swatch = {
  id: 'teal',
  name: 'Harbour teal',
  hex: '#0F7C7A',
  ink: '#FFFFFF',
  origins: [],
  group: 'Core',
  spotInk: '',
  note: '',
  offLimits: false,
  press: {
    hex: '#0F7C7A',
    ink: '#FFFFFF',
    difference: 0.5,
    reach: 'reached',
    tooMuchInk: false,
    paper: false,
    blackAlone: false,
  },
  towards: { before: 'green', after: 'blue' },
  codes: {
    hex: '0F7C7A',
    rgb: 'rgb(15 124 122)',
    hsl: 'hsl(179 78% 27%)',
    cmyk: 'C 87 M 31 Y 51 K 16',
    lab: 'lab(46.5% -30 -7)',
    lch: 'lch(46.5% 30.8 193.1)',
    oklch: 'oklch(53.4% 0.091 194.3)',
  },
};

function slot(fill: Slot['fill'], more: Partial<Slot> = {}): Slot {
  return { slot: 'accent1', fill, tints: [], on: [], ...more };
}

describe('a theme slot in words', () => {
  it('is called as the standard calls it', () => {
    expect(slotName('folHlink')).toBe('Followed hyperlink');
    expect(slotName('lt2')).toBe('Light 2');
  });

  it.each([
    [slot('swatch', { swatchId: 'teal', hex: '#0F7C7A' }), 'Harbour teal'],
    [slot('derived', { swatchId: 'teal', lightness: 0.2, hex: '#5EBAB7' }), 'Harbour teal, 20 % lighter'],
    [slot('derived', { swatchId: 'teal', lightness: -0.01, hex: '#077977' }), 'Harbour teal, 1 % darker'],
    [slot('fixed', { hex: '#FFFFFF' }), 'white'],
    [slot('fixed', { hex: '#000000' }), 'black'],
    [slot('fixed', { hex: '#FFD400' }), 'a colour of its own'],
    [slot('empty'), 'empty'],
  ])('says where its colour comes from: %o', (given, words) => {
    expect(originOf(given, [TEAL])).toBe(words);
  });

  it('says why it is filled as it is', () => {
    expect(reasonOf(slot('swatch', { hex: '#0F7C7A', reason: 'in-order-of-use' }))).toBe(
      'next in the palette',
    );
    expect(reasonOf(slot('swatch', { hex: '#0F7C7A' }))).toBe('chosen by hand');
    expect(reasonOf(slot('empty'))).toBe('nobody has set it yet');
  });
});
