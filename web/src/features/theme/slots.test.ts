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
