import type { GivenUp } from '../../api/types';
import { slotName } from './slots';

const KINDS: Record<GivenUp['kind'], string> = {
  ROLE_ELSEWHERE: 'the colour whose role it is does not stand there',
  NOT_OF_BRAND: 'black or white, since no colour of the brand does better',
  NOT_DARK: 'could be darker',
  NOT_LIGHT: 'could be lighter',
  TINTED_GROUND: 'a ground with a tint of its own',
  REPEATED: 'the same colour again',
  LATE_IN_ORDER: 'colours that come before it were passed over',
  CONTRAST_BELOW_STRICT: 'reads, but below 7:1',
  ILLEGIBLE: 'does not read at 4.5:1; nothing in the palette does',
  WEAK_ON_PAGE: 'below 3:1 on the page',
  LIKE_ITS_NEIGHBOUR: 'hardly told from the accent before it',
  DERIVED: 'made lighter or darker, so not exactly a colour of the brand',
  GREYISH: 'nearly without colour, so a link looks like text',
  LIKE_TEXT: 'close to the text colour',
  VIVID: 'vivid for a link that was followed',
  VISITED_ALIKE: 'hardly told from a link that was not followed',
};

/** What a suggestion gave up, in words, as in 'Dark 2: the same colour again (2.0 points)'. */
export function givenUpWords({ kind, slot, points }: GivenUp): string {
  return `${slotName(slot)}: ${KINDS[kind]} (${points.toFixed(1)} points)`;
}
