import type { ShownCodes } from '../../api/types';

const REACH: Record<ShownCodes['press']['reach'], string> = {
  reached: 'in print nearly the same',
  'out-of-reach': 'the press cannot reach it',
  'loses-its-glow': 'it will lose its glow in print',
};

/** What offset on coated paper makes of a colour; office printers and screens do not need to know. */
export function printWords(press: ShownCodes['press']): string {
  if (press.paper) {
    return 'In print this is the paper: no ink at all. Screens and office printers want RGB.';
  }
  const ink = press.tooMuchInk ? '; over 300 % ink, ask the printing house' : '';
  // Blacks differ by the paper's own black, which nobody minds.
  const difference = press.blackAlone ? '' : ` (difference ${press.difference.toFixed(1)} ΔE)`;
  const black = press.blackAlone ? ' As text take black ink alone, C 0 M 0 Y 0 K 100.' : '';
  return (
    `Right: as offset prints it on coated paper; ${REACH[press.reach]}` +
    `${difference}${ink}.${black} Screens and office printers want RGB.`
  );
}
