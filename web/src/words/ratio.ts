/** Two decimals shown, never rounded up: 4.499 must not read as 4.5. */
export function ratioShown(ratio: number): string {
  return (Math.floor(ratio * 100) / 100).toFixed(2);
}
