import type { Ground, Grounds, GroundsOnTheWire, NamedColor, Standing } from '../api/types';

type StandingOnTheWire = GroundsOnTheWire['grounds'][number]['may'][number];

/** Puts the colours in the places of their numbers. */
export function unpacked({ colors, grounds, composed, failing, more }: GroundsOnTheWire): Grounds {
  const color = (place: number): NamedColor => {
    const found = colors[place];
    if (!found) {
      throw new Error(`The answer speaks of colour ${place} and has ${colors.length}`);
    }
    return found;
  };
  const standing = ({ color: place, marks, ...rest }: StandingOnTheWire): Standing => ({
    ...rest,
    color: color(place),
    used: marks.includes('used'),
    clashes: marks.includes('clashes'),
    toLookAt: marks.includes('to-look-at'),
  });
  const sides = (ground: { may: StandingOnTheWire[]; mayNot: StandingOnTheWire[] }) => ({
    may: ground.may.map(standing),
    mayNot: ground.mayNot.map(standing),
  });
  return {
    grounds: grounds.map((ground): Ground => ({ color: color(ground.color), ...sides(ground) })),
    composed: composed.map((ground) => ({ ...ground, ...sides(ground) })),
    failing,
    more,
  };
}
