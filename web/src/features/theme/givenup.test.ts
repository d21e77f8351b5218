import { describe, expect, it } from 'vitest';
import { givenUpWords } from './givenup';
import { differenceWords } from './slots';

describe('what a suggestion gave up', () => {
  it('is told with the slot and its cost', () => {
    expect(givenUpWords({ kind: 'repeated', slot: 'dk2', points: 2 })).toBe(
      'Dark 2: the same colour again (2.0 points)',
    );
  });
});

describe('a slot beside the same of another theme', () => {
  it.each([
    [undefined, 'only one is set'],
    [0, 'the same'],
    [12.345, 'differs by 12.3 ΔE'],
  ])('differs by %s', (difference, words) => {
    expect(differenceWords(difference)).toBe(words);
  });
});
