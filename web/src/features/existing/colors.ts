/** What is written on a colour: black or white, whichever is told apart better. */
export function inkOn(hex: string): string {
  const linear = (at: number) => {
    const value = parseInt(hex.slice(at, at + 2), 16) / 255;
    return value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
  };
  // Relative luminance at which black and white have the same contrast: WCAG 2.2, 'relative luminance'.
  return 0.2126 * linear(1) + 0.7152 * linear(3) + 0.0722 * linear(5) > 0.179 ? '#000000' : '#FFFFFF';
}

export function percent(share: number): string {
  return share === 0 ? 'not seen' : share < 0.01 ? 'under 1 %' : `${Math.round(share * 100)} %`;
}

/** Cut and not rounded: what fails must not look as if it passed. */
export function ratioOf(value: number): string {
  return `${(Math.floor(value * 100) / 100).toFixed(2)}:1`;
}
