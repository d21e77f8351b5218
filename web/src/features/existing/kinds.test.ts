import { describe, expect, it } from 'vitest';
import type { Fault } from '../../api/types';
import { grouped, LEFT } from './kinds';
import { frameOf } from './places';

function fault(more: Partial<Fault>): Fault {
  return {
    id: 'a',
    kind: 'by-hand',
    title: 'set by hand',
    reason: '',
    where: '',
    place: '',
    text: '',
    pages: 1,
    safe: false,
    perhaps: false,
    mendings: [],
    ...more,
  };
}

describe('faults of a file', () => {
  it('stand together by kind, those left on purpose last', () => {
    const groups = grouped([
      fault({ id: '1', left: { because: 'meant', at: '2026-11-28T00:00:00Z' } }),
      fault({ id: '2', safe: true }),
      fault({ id: '3', kind: 'contrast', ratio: 4.499, needed: 4.5 }),
      fault({ id: '4', kind: 'contrast', ratio: 1.07, needed: 4.5 }),
    ]);
    expect(groups.map(({ kind, faults }) => [kind, faults.length])).toEqual([
      ['by-hand', 1],
      ['contrast', 2],
      [LEFT, 1],
    ]);
    expect(groups.map(({ hint }) => hint)).toEqual(['all safe', '1.07 to 4.49 of 4.5', '']);
  });

  it('say perhaps where they need judgement', () => {
    expect(grouped([fault({ kind: 'highlight', perhaps: true })])[0]?.hint).toBe('perhaps');
  });

  it('are where the page tells that their paragraph stands, or about there', () => {
    const frame = { x: 0, y: 0, width: 0.1, height: 0.1 };
    const place = { shape: 3, paragraph: 1, thing: '', x: 0.4, y: 0.5, width: 0.2, height: 0.1 };
    expect(frameOf(fault({ shape: 3, paragraph: 1, frame }), [place])).toBe(place);
    expect(frameOf(fault({ shape: 4, paragraph: 1, frame }), [place])).toBe(frame);
    expect(frameOf(fault({}), undefined)).toBeUndefined();
  });
});
