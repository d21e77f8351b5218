import { describe, expect, it } from 'vitest';
import { angleOf, worstWords } from './overlays';
import { markOf } from '../../ui/gradients';
import { opacityWords } from '../../words/opacity';

describe('overlays in words', () => {
  it('says opacity both ways', () => {
    expect(opacityWords(70)).toBe('opacity 70 %, lets 30 % through');
  });

  it('says where a text is hardest to read', () => {
    expect(worstWords({ hex: '#B6BFC9', ratio: 11.2846, text: true, largeText: true, place: 0 })).toBe(
      'Worst at the first stop, on B6BFC9: 11.28:1; text can be read everywhere.',
    );
    expect(worstWords({ hex: '#808080', ratio: 3.2, text: false, largeText: true, place: 0.5 })).toBe(
      'Worst 50 % of the way, on 808080: 3.20:1; only large text can be read everywhere.',
    );
    expect(worstWords({ hex: '#FFFFFF', ratio: 1.06, text: false, largeText: false, x: 12, y: 7 })).toBe(
      'Worst at 12, 7, on FFFFFF: 1.06:1; text cannot be read there.',
    );
  });
});

describe('the mark of the worst place', () => {
  it.each([
    [0, false, 90, { x: 0, y: 50 }],
    [1, false, 90, { x: 100, y: 50 }],
    [0, false, 180, { x: 50, y: 0 }],
    [1, false, 0, { x: 50, y: 0 }],
    [0.5, false, 45, { x: 50, y: 50 }],
    [1, false, 45, { x: 100, y: 0 }],
    [0.25, false, 225, { x: 75, y: 25 }],
    [0, true, 0, { x: 50, y: 50 }],
    [1, true, 0, { x: 100, y: 100 }],
  ])('of %f, radial %s, at %f degrees', (place, radial, angle, at) => {
    const mark = markOf(place, radial, angle);
    expect(mark.x).toBeCloseTo(at.x, 9);
    expect(mark.y).toBeCloseTo(at.y, 9);
  });
});

describe('an angle that somebody types', () => {
  it.each([
    [45, 45],
    [360, 0],
    [-30, 330],
    [Number.NaN, 90],
  ])('%f becomes %f', (typed, kept) => {
    expect(angleOf(typed)).toBe(kept);
  });
});
