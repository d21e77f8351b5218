import type { Font } from '../api/types';

/** A family with its faces. */
export interface Family {
  name: string;
  kind: Font['kind'];
  own: boolean;
  faces: Font[];
}

/** @return each family once, in the order of its first face */
export function familiesOf(fonts: readonly Font[]): Family[] {
  const families = new Map<string, Family>();
  for (const font of fonts) {
    const family = families.get(font.family);
    if (family) {
      family.faces.push(font);
    } else {
      families.set(font.family, {
        name: font.family,
        kind: font.kind,
        own: font.origin === 'own',
        faces: [font],
      });
    }
  }
  return [...families.values()];
}

/** Whether a file is a font by its name; what is in it the server looks at. */
export function isFont(file: File): boolean {
  return /\.(ttf|otf|ttc|otc|woff2?)$/i.test(file.name);
}
