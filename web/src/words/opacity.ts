/** Opacity is always said both ways, since the two are confused daily. */
export function opacityWords(percent: number): string {
  return `opacity ${percent} %, lets ${100 - percent} % through`;
}
