import { fontPartOf } from '../api/addresses';
import type { Font, Specimen } from '../api/types';

/** The longest that is waited for letters before something is shown; milliseconds. */
const LONGEST_WAIT = 1500;

/** The faces that the browser knows of; it loads those that something is set in. */
export class BrowserFaces {
  readonly #told = new Map<string, FontFace[]>();

  tell(font: Font): void {
    if (this.#told.has(font.id) || typeof FontFace === 'undefined') {
      return;
    }
    const faces = font.parts.map(
      (ranges, part) =>
        new FontFace(font.family, `url("${fontPartOf(font.id, part)}")`, {
          weight: String(font.weight),
          style: font.style,
          display: 'block',
          ...(ranges ? { unicodeRange: ranges } : {}),
        }),
    );
    faces.forEach((face) => document.fonts.add(face));
    this.#told.set(font.id, faces);
  }

  forget(font: Font): void {
    this.#told.get(font.id)?.forEach((face) => document.fonts.delete(face));
    this.#told.delete(font.id);
  }
}

/** Waits until the letters of these specimens can be drawn, but not for ever. */
export async function lettersReady(specimens: readonly Specimen[]): Promise<void> {
  if (!document.fonts) {
    return;
  }
  const letters = specimens.flatMap(({ heading, subheading, body }) => [heading, subheading, body]);
  const asked = letters.map(({ stack, weight, italic }) =>
    document.fonts.load(`${italic ? 'italic ' : ''}${weight} 16px ${stack}`),
  );
  await Promise.race([
    Promise.allSettled(asked),
    new Promise((resolve) => setTimeout(resolve, LONGEST_WAIT)),
  ]);
}
