import { expect, it } from 'vitest';
import { gapReason } from './gaps';

it('says in a sentence why a colour is proposed', () => {
  expect(
    gapReason({
      hex: '#8A3FD0',
      ink: '#FFFFFF',
      name: 'Violet',
      reason: 'split',
      base: 'Harbour teal',
      nearest: 'Night channel',
      eyes: 'deutan',
      difference: 14.24,
      onWhite: 5.499,
    }),
  ).toBe(
    'Beside the opposite of Harbour teal; hardest to tell from Night channel with little green (deutan), ' +
      'difference 14.2 ΔE; 5.49:1 on white.',
  );
});
