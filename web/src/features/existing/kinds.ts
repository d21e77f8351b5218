import type { Fault } from '../../api/types';

/** What stands at the end of the list: faults that somebody has left on purpose, of all kinds. */
export const LEFT = 'left';

/** Faults of one kind. */
export interface FaultGroup {
  kind: string;
  title: string;
  /** What to know about them at a glance. */
  hint: string;
  faults: Fault[];
}

/** @return in the order in which the faults come */
export function grouped(faults: readonly Fault[]): FaultGroup[] {
  const groups = new Map<string, FaultGroup>();
  for (const fault of faults) {
    const kind = fault.left ? LEFT : fault.kind;
    const group = groups.get(kind) ?? {
      kind,
      title: fault.left ? 'left on purpose' : fault.title,
      hint: '',
      faults: [],
    };
    group.faults.push(fault);
    groups.set(kind, group);
  }
  const left = groups.get(LEFT);
  groups.delete(LEFT);
  const all = [...groups.values(), ...(left ? [left] : [])];
  return all.map((group) => ({ ...group, hint: hint(group) }));
}

function hint({ kind, faults }: FaultGroup): string {
  const [first] = faults;
  if (!first || kind === LEFT) {
    return '';
  }
  if (first.perhaps) {
    return 'perhaps';
  }
  if (kind === 'contrast') {
    return `${range(faults.map(({ ratio }) => ratio))} of ${first.needed ?? ''}`;
  }
  if (kind === 'near-brand' || kind === 'outside') {
    return `ΔE ${range(faults.map(({ measure }) => measure))}`;
  }
  const safe = faults.filter((fault) => fault.safe).length;
  return safe === faults.length ? 'all safe' : safe > 0 ? `${safe} safe` : '';
}

function range(values: (number | null | undefined)[]): string {
  const known = values.filter((value): value is number => typeof value === 'number');
  // Cut and not rounded: what fails must not look as if it passed.
  const cut = (value: number) => (Math.floor(value * 100) / 100).toFixed(value < 10 ? 2 : 1);
  const least = cut(Math.min(...known));
  const most = cut(Math.max(...known));
  return least === most ? least : `${least} to ${most}`;
}
