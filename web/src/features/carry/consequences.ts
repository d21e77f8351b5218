import type { Consequences, PairTurn } from '../../api/types';
import { roleName } from '../../words/roles';
import { slotName } from '../../words/slots';

const KINDS: Record<PairTurn['kind'], string> = {
  text: 'text',
  link: 'link',
  graphics: 'graphics',
};

function counted(count: number, one: string, many: string): string {
  return count === 1 ? `1 ${one}` : `${count} ${many}`;
}

/** Two decimals shown, though judged unrounded. */
function ratio(value: number): string {
  return `${(Math.floor(value * 100) / 100).toFixed(2)}:1`;
}

/** A pair in use that turns, as in 'Daylight: Hyperlink on Light 1, link: 5.05:1 → 2.53:1, too low'. */
export function turnWords(turn: PairTurn): string {
  const verdict = turn.passes ? 'good enough now' : 'too low';
  return (
    `${turn.theme}: ${slotName(turn.foreground)} on ${slotName(turn.ground)}, ${KINDS[turn.kind]}: ` +
    `${ratio(turn.before)} → ${ratio(turn.after)}, ${verdict}`
  );
}

/**
 * Everything that follows a change, each in one line.
 * @param changed id of the swatch that the change is about, which needs no line of its own
 */
export function consequenceLines(consequences: Consequences, changed?: string): string[] {
  const lines: string[] = [];
  const others = consequences.swatches.filter(({ id }) => id !== changed);
  if (others.length > 0) {
    const names = others.map(
      ({ name, from, to }) => `${name} (${from.slice(1)} → ${to?.slice(1) ?? 'gone'})`,
    );
    lines.push(`${counted(others.length, 'swatch', 'swatches')}: ${names.join(', ')}`);
  }
  if (consequences.slots.length > 0) {
    const themes = [...new Set(consequences.slots.map(({ theme }) => theme))];
    for (const theme of themes) {
      const slots = consequences.slots.filter((slot) => slot.theme === theme);
      const names = slots.map(({ slot }) => slotName(slot)).join(', ');
      lines.push(`${counted(slots.length, 'slot', 'slots')} of ${theme}: ${names}`);
    }
    lines.push(`${counted(consequences.tints, 'derived tint', 'derived tints')} of these slots`);
  }
  lines.push(...consequences.pairs.map(turnWords));
  if (consequences.roles.length > 0) {
    const names = consequences.roles.map(roleName).join(', ');
    lines.push(`${counted(consequences.roles.length, 'role', 'roles')}: ${names}`);
  }
  for (const { name, reads } of consequences.grounds) {
    lines.push(
      `Ground ${name} is painted anew; its text ${reads ? 'can be read' : 'cannot be read any more'}`,
    );
  }
  if (consequences.slots.length > 0) {
    lines.push('What is handed over from now on; files that are out already keep the old colour');
  }
  return lines;
}

/** Whether anything beside the swatch itself changes. */
export function isFollowed(consequences: Consequences, changed: string): boolean {
  return (
    consequences.slots.length > 0 ||
    consequences.pairs.length > 0 ||
    consequences.roles.length > 0 ||
    consequences.grounds.length > 0 ||
    consequences.swatches.some(({ id }) => id !== changed)
  );
}
