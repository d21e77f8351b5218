import type { GivenUp } from '../../api/types';
import { slotName } from '../../words/slots';

const KINDS: Record<GivenUp['kind'], string> = {
  'role-elsewhere': 'the colour whose role it is does not stand there',
  'not-of-brand': 'black or white, since no colour of the brand does better',
  'not-dark': 'could be darker',
  'not-light': 'could be lighter',
  'tinted-ground': 'a ground with a tint of its own',
  repeated: 'the same colour again',
  'late-in-order': 'colours that come before it were passed over',
  'contrast-below-strict': 'reads, but below 7:1',
  illegible: 'does not read at 4.5:1; nothing in the palette does',
  'weak-on-page': 'below 3:1 on the page',
  'like-its-neighbour': 'hardly told from the accent before it',
  derived: 'made lighter or darker, so not exactly a colour of the brand',
  greyish: 'nearly without colour, so a link looks like text',
  'like-text': 'close to the text colour',
  vivid: 'louder than it need be',
  'visited-alike': 'hardly told from a link that was not followed',
};

/** What a suggestion gave up, in words, as in 'Dark 2: the same colour again (2.0 points)'. */
export function givenUpWords({ kind, slot, points }: GivenUp): string {
  return `${slotName(slot)}: ${KINDS[kind]} (${points.toFixed(1)} points)`;
}
