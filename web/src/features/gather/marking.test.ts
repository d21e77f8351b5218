import { describe, expect, it } from 'vitest';
import type { Proposal } from '../../api/types';
import { Marking } from './marking.svelte';

function proposal(hex: string): Proposal {
  return { hex, ink: '#FFFFFF', coverage: 0.1, ground: false, x: 0, y: 0 };
}

const SHOWN = ['#0B2A4A', '#0F7C7A', '#F2682A'].map(proposal);

describe('marking a hierarchy', () => {
  it('numbers colours in the order in which they are clicked', () => {
    const marking = new Marking();
    marking.next('#F2682A');
    marking.next('#0B2A4A');
    expect(marking.markOf('#0B2A4A')).toEqual({ place: 2 });
    expect(marking.order(SHOWN).map(({ hex }) => hex)).toEqual(['#F2682A', '#0B2A4A']);
  });

  it('crosses out with the second click, and the others move up', () => {
    const marking = new Marking();
    marking.next('#F2682A');
    marking.next('#0B2A4A');
    marking.next('#F2682A');
    expect(marking.markOf('#F2682A')).toBe('crossed out');
    expect(marking.markOf('#0B2A4A')).toEqual({ place: 1 });
    expect(marking.crossedOut(SHOWN).map(({ hex }) => hex)).toEqual(['#F2682A']);
  });

  it('leaves unmarked with the third, and forgets all when begun anew', () => {
    const marking = new Marking();
    ['#F2682A', '#F2682A', '#F2682A'].forEach((hex) => marking.next(hex));
    expect(marking.any).toBe(false);
    marking.next('#0F7C7A');
    marking.begin();
    expect(marking.any).toBe(false);
  });
});
