import { describe, expect, it } from 'vitest';
import type { GroundsOnTheWire } from '../api/types';
import { unpacked } from './standings';

const COLORS = [
  { hex: '#FFFFFF', ink: '#000000', name: 'Sailcloth', slots: ['lt1'] },
  { hex: '#0B2A4A', ink: '#FFFFFF', name: 'Night channel', slots: [] },
];

const ANSWER: GroundsOnTheWire = {
  colors: COLORS,
  grounds: [
    {
      color: 0,
      may: [{ color: 1, ratio: 14.5, verdict: 'text', marks: ['used', 'to-look-at'] }],
      mayNot: [],
    },
  ],
  composed: [],
  failing: 1,
  more: true,
};

describe('what may stand on what, as it comes over the wire', () => {
  it('speaks of each colour by its place', () => {
    const { grounds, failing, more } = unpacked(ANSWER);
    expect(grounds[0]?.color).toBe(COLORS[0]);
    expect(grounds[0]?.may[0]).toEqual({
      color: COLORS[1],
      ratio: 14.5,
      verdict: 'text',
      used: true,
      clashes: false,
      toLookAt: true,
    });
    expect([failing, more]).toEqual([1, true]);
  });

  it('does not make colours up', () => {
    const broken = { ...ANSWER, grounds: [{ color: 7, may: [], mayNot: [] }] };
    expect(() => unpacked(broken)).toThrow('colour 7');
  });
});
