export function percent(share: number): string {
  return share === 0 ? 'not seen' : share < 0.01 ? 'under 1 %' : `${Math.round(share * 100)} %`;
}

/** Cut and not rounded: what fails must not look as if it passed. */
export function ratioOf(value: number): string {
  return `${(Math.floor(value * 100) / 100).toFixed(2)}:1`;
}
