import type { Ground, NamedColor, Remedy, Standing } from '../../api/types';
import { slotName } from '../theme/slots';

/** Two decimals shown, never rounded up: 4.499 must not read as 4.5. */
export function ratioShown(ratio: number): string {
  return (Math.floor(ratio * 100) / 100).toFixed(2);
}

/** What a colour is called: its swatch, else the slot that shows it, else its code. */
export function colorName(color: NamedColor): string {
  const [slot] = color.slots;
  if (color.name) {
    return color.name;
  }
  if (slot) {
    return slotName(slot);
  }
  return color.hex === '#FFFFFF' ? 'White' : color.hex === '#000000' ? 'Black' : color.hex.slice(1);
}

function named(standings: readonly Standing[]): string {
  return standings.map(({ color, ratio }) => `${colorName(color)} (${ratioShown(ratio)}:1)`).join(', ');
}

/** What a remedy comes to, as in 'Harbour teal 0F7C7A on FFFFFF, 5.01:1, cost 38.2 ΔE'. */
export function remedyWords({ foreground, ground, ratio, cost }: Remedy): string {
  const name = foreground.name ? `${foreground.name} ` : '';
  return (
    `${name}${foreground.hex.slice(1)} on ${ground.hex.slice(1)}, ` +
    `${ratioShown(ratio)}:1, cost ${cost.toFixed(1)} ΔE`
  );
}

/** One ground as sentences that a helper can follow. */
export function groundWords(ground: Ground): string {
  const text = ground.may.filter(({ verdict }) => verdict === 'TEXT');
  const large = ground.may.filter(({ verdict }) => verdict === 'LARGE_TEXT');
  const lines = [`On ${colorName(ground.color)}, ${ground.color.hex.slice(1)}:`];
  lines.push(text.length > 0 ? `  write in ${named(text)}.` : '  write nothing small.');
  if (large.length > 0) {
    lines.push(`  only large, from 18 pt or 14 pt bold: ${named(large)}.`);
  }
  if (ground.mayNot.length > 0) {
    lines.push(`  never write in ${named(ground.mayNot)}.`);
  }
  const clashes = [...ground.may, ...ground.mayNot].filter((standing) => standing.clashes);
  if (clashes.length > 0) {
    lines.push(
      `  do not set beside it: ${clashes.map(({ color }) => colorName(color)).join(', ')}; they vibrate.`,
    );
  }
  return lines.join('\n');
}
