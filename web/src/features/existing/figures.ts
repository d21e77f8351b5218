import type { Deal } from '../../api/types';

export function percent(share: number): string {
  return share === 0 ? 'not seen' : share < 0.01 ? 'under 1 %' : `${Math.round(share * 100)} %`;
}

/** Cut and not rounded: what fails must not look as if it passed. */
export function ratioOf(value: number): string {
  return `${(Math.floor(value * 100) / 100).toFixed(2)}:1`;
}

/** What an arrangement gives up, in words and numbers without a unit; nothing is 0. */
export function costOf({ lightness, contrast, families, importance, mood }: Deal['cost']): string {
  const parts: [string, number][] = [
    ['light and dark', lightness],
    ['contrast of what touches', contrast],
    ['families', families],
    ['large main colour, small highlight', importance],
    ['mood', mood],
  ];
  const said = parts
    .filter(([, cost]) => cost >= 0.005)
    .map(([name, cost]) => `${name} ${cost.toFixed(2)}`)
    .join(' · ');
  return said || 'nothing';
}
