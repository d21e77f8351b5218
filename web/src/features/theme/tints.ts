import type { Tint } from '../../api/types';

/** A step in plain words, as in '40 % lighter'. */
export function stepWords({ lumMod, lumOff }: Pick<Tint, 'lumMod' | 'lumOff'>): string {
  return lumOff > 0 ? `${lumOff} % lighter` : `${100 - lumMod} % darker`;
}

/** How presentations write it. Source: ECMA-376 Part 1, 20.1.2.3. */
export function inPresentations({ lumMod, lumOff }: Tint): string {
  const mod = `lumMod ${lumMod * 1000}`;
  return lumOff > 0 ? `${mod}, lumOff ${lumOff * 1000}` : mod;
}

/** How word processors write it. Source: ECMA-376 Part 1, 17.3.2.6. */
export function inDocuments(tint: Tint): string {
  const value = tint.themeTint ? `themeTint ${tint.themeTint}` : `themeShade ${tint.themeShade}`;
  return tint.documentHex === tint.hex ? value : `${value}, shown as ${tint.documentHex.slice(1)}`;
}

/** How spreadsheets write it. Source: ECMA-376 Part 1, 18.8.3. */
export function inWorkbooks(tint: Tint): string {
  const value = `tint ${tint.tint}`;
  return tint.workbookHex === tint.hex ? value : `${value}, shown as ${tint.workbookHex.slice(1)}`;
}
