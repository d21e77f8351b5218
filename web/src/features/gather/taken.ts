/** What was taken, in words; a colour that is in the palette already only keeps one more place. */
export function takenWords(swatches: readonly { sameAs?: string }[], from: string): string {
  const again = swatches.filter((swatch) => swatch.sameAs !== undefined).length;
  const taken = swatches.length - again;
  const places = again === 1 ? '1 colour of the palette was' : `${again} colours of the palette were`;
  if (taken === 0) {
    return `${places} found in ${from} too; the place is kept.`;
  }
  const counted = taken === 1 ? '1 colour' : `${taken} colours`;
  return `${counted} taken from ${from}${again > 0 ? `; ${places} found there too` : ''}. Name and order them in Palette.`;
}
