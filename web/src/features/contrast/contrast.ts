import type {
  ClashRemedy,
  ComposedGround,
  Ground,
  NamedColor,
  Remedy,
  Standing,
  Swatch,
} from '../../api/types';
import { slotName } from '../../words/slots';
import { opacityWords } from '../../words/opacity';
import { worstWords } from './overlays';
import { ratioShown } from '../../words/ratio';

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

const RULES: Record<NonNullable<Standing['rule']>['kind'], string> = {
  narrowed: 'not allowed',
  left: 'left',
  allowed: 'allowed',
};

/** How a text that may not stand there stands, as in '1.43, in use, vibrates' or '14.53, not allowed'. */
export function standingWords({ ratio, used, clashes, rule }: Standing): string {
  const words = [ratioShown(ratio)];
  if (used) {
    words.push('in use');
  }
  if (rule) {
    words.push(RULES[rule.kind]);
  }
  if (clashes) {
    words.push('vibrates');
  }
  return words.join(', ');
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
  const text = ground.may.filter(({ verdict }) => verdict === 'text');
  const large = ground.may.filter(({ verdict }) => verdict === 'large-text');
  const lines = [`On ${colorName(ground.color)}, ${ground.color.hex.slice(1)}:`];
  lines.push(text.length > 0 ? `  write in ${named(text)}.` : '  write nothing small.');
  if (large.length > 0) {
    lines.push(`  only large, from 18 pt or 14 pt bold: ${named(large)}.`);
  }
  const never = ground.mayNot.filter(({ rule }) => !rule);
  if (never.length > 0) {
    lines.push(`  never write in ${named(never)}.`);
  }
  for (const { color, rule } of ground.mayNot) {
    if (rule) {
      const verdict = rule.kind === 'narrowed' ? 'not in' : 'hard to read, but left on purpose:';
      lines.push(`  ${verdict} ${colorName(color)}: ${rule.reason}.`);
    }
  }
  for (const { color, rule } of ground.may) {
    if (rule) {
      lines.push(`  the brand stands by ${colorName(color)}: ${rule.reason}.`);
    }
  }
  const clashes = [...ground.may, ...ground.mayNot].filter((standing) => standing.clashes);
  if (clashes.length > 0) {
    lines.push(
      `  do not set beside it: ${clashes.map(({ color }) => colorName(color)).join(', ')}; they vibrate.`,
    );
  }
  return lines.join('\n');
}

/** A gradient or picture of the brand as sentences. */
export function composedWords(ground: ComposedGround): string {
  const beneath = ground.source
    ? 'a picture'
    : `a gradient of ${ground.stops.map((hex) => hex.slice(1)).join(', ')}`;
  const { overlay } = ground;
  const laid = overlay
    ? ` under ${overlay.hex.slice(1)} at ${opacityWords(Math.round(overlay.alpha * 100))}`
    : '';
  const lines = [`On ${ground.name}, ${beneath}${laid}:`, `  write in ${colorName(ground.text)}.`];
  if (ground.worst) {
    lines.push(`  ${worstWords(ground.worst)}`);
  }
  return lines.join('\n');
}

const CLASHES: Record<ClashRemedy['kind'], string> = {
  quieter: 'quieter',
  lighter: 'lighter',
  darker: 'darker',
};

/** What ends a clash, as in 'Buoy orange quieter, D97B52, cost 8.1 ΔE'. */
export function clashRemedyWords({ kind, from, to, cost }: ClashRemedy): string {
  return `${colorName(from)} ${CLASHES[kind]}, ${to.slice(1)}, cost ${cost.toFixed(1)} ΔE`;
}

/** What may stand on what, and what must not be used at all: off-limits is left out of the grounds, though a slot may show it. */
export function sheetWords(
  grounds: readonly Ground[],
  composed: readonly ComposedGround[],
  swatches: readonly Swatch[],
): string {
  const offLimits = swatches.filter((swatch) => swatch.offLimits);
  const usable = ({ hex }: NamedColor) => !offLimits.some((swatch) => swatch.hex === hex);
  const paragraphs = grounds
    .filter(({ color }) => usable(color))
    .map((ground) =>
      groundWords({
        ...ground,
        may: ground.may.filter(({ color }) => usable(color)),
        mayNot: ground.mayNot.filter(({ color }) => usable(color)),
      }),
    );
  if (offLimits.length > 0) {
    paragraphs.push(`Never use: ${offLimits.map(({ name, hex }) => `${name}, ${hex.slice(1)}`).join('; ')}.`);
  }
  return [...paragraphs, ...composed.map(composedWords)].join('\n\n');
}
