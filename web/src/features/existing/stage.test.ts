import { describe, expect, it } from 'vitest';
import type { GraphicArea } from '../../api/types';
import { costOf, percent, ratioOf } from './figures';
import { placed } from './stage';

function area(hex: string, x: number, y: number): GraphicArea {
  return { hex, ink: '#000000', hexes: [hex], share: 0.1, x, y, here: true, touching: [] };
}

const FIVE = [
  area('#000001', 0.1, 0.9),
  area('#000002', 0.2, 0.1),
  area('#000003', 0.9, 0.5),
  area('#000004', 0.4, 0.5),
  area('#000005', 0.8, 0.2),
];

describe('the stage', () => {
  it('stands tickets on the nearer side, in the order of what they colour', () => {
    const { tickets } = placed(FIVE, 1100, 4 / 3);
    expect(tickets.filter(({ side }) => side === 'left').map(({ area: { hex } }) => hex)).toEqual([
      '#000002',
      '#000004',
      '#000001',
    ]);
    expect(tickets.filter(({ side }) => side === 'right').map(({ area: { hex } }) => hex)).toEqual([
      '#000005',
      '#000003',
    ]);
  });

  it('ties each to a place inside the graphic, and lets none lie over another or the graphic', () => {
    const many = Array.from({ length: 24 }, (unused, place) => area(`#0000${place + 10}`, place / 24, 0.5));
    for (const areas of [FIVE, many]) {
      const { picture, tickets, height } = placed(areas, 1100, 16 / 9);
      for (const { dot, ticket, side } of tickets) {
        expect(dot.x).toBeGreaterThanOrEqual(picture.x);
        expect(dot.x).toBeLessThanOrEqual(picture.x + picture.width);
        expect(dot.y).toBeLessThanOrEqual(picture.y + picture.height);
        expect(ticket.y).toBeGreaterThanOrEqual(0);
        expect(ticket.y).toBeLessThan(height);
        expect(
          side === 'left' ? ticket.x + ticket.width < picture.x : ticket.x > picture.x + picture.width,
        ).toBe(true);
      }
      const left = tickets.filter(({ side }) => side === 'left').map(({ ticket }) => ticket.y);
      left.slice(1).forEach((y, place) => expect(y - (left[place] ?? 0)).toBeGreaterThanOrEqual(44));
    }
  });

  it('keeps the proportions of the graphic on a narrow page', () => {
    const { picture } = placed(FIVE, 620, 2);
    expect(picture.width / picture.height).toBeCloseTo(2);
    expect(picture.width).toBeLessThanOrEqual(620 - 2 * 132);
  });
});

describe('figures', () => {
  it('says shares as people do, and cuts ratios', () => {
    expect([0, 0.004, 0.5].map(percent)).toEqual(['not seen', 'under 1 %', '50 %']);
    expect(ratioOf(4.4999)).toBe('4.49:1');
  });

  it('says what an arrangement gives up', () => {
    const none = { lightness: 0, contrast: 0, families: 0, importance: 0, mood: 0, total: 0 };
    expect(costOf(none)).toBe('nothing');
    expect(costOf({ ...none, lightness: 0.214, families: 0.3 })).toBe('light and dark 0.21 · families 0.30');
  });
});
