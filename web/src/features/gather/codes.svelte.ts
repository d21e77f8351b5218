import { SvelteSet } from 'svelte/reactivity';
import { answered, api } from '../../api/client';
import { messageOf } from '../../api/problem';
import type { FoundCode } from '../../api/types';
import { LatestOnly } from '../../bench/latest';

/** One colour of a text, whatever number of times and notations it stands there in. */
export interface TextColor {
  hex: string;
  ink: string;
  /** Its codes as they are written, in the order of the text. */
  written: string[];
  name: string | undefined;
  ambiguous: boolean;
}

/** Codes of one colour become one line; its name is the first that stands beside any of them. */
export function colorsOf(codes: readonly FoundCode[]): TextColor[] {
  const colors: TextColor[] = [];
  for (const code of codes) {
    const known = colors.find(
      (color) => color.hex === code.hex || (code.name !== undefined && isRounding(color, code)),
    );
    if (known) {
      known.written.push(code.text);
      known.name ??= code.name;
      known.ambiguous &&= code.ambiguous;
    } else {
      const { hex, ink, name, ambiguous, text } = code;
      colors.push({ hex, ink, name, ambiguous, written: [text] });
    }
  }
  return colors;
}

/** The inks of a named colour come out a little different; whoever gives both means one. */
function isRounding(color: TextColor, code: FoundCode): boolean {
  return color.name === code.name && !color.ambiguous && code.notation === 'cmyk';
}

/** A text, the colours in it, and which of them are chosen. */
export class TextCodes {
  colors = $state.raw<TextColor[]>([]);
  problem = $state<string>();
  readonly left = new SvelteSet<string>();
  readonly #latest = new LatestOnly<FoundCode[]>((codes) => this.#take(codes));

  read(text: string): void {
    this.#latest.ask(async () => {
      try {
        const answer = await answered(api.POST('/api/codes', { body: { text } }));
        this.problem = undefined;
        return answer.codes;
      } catch (error) {
        this.problem = messageOf(error);
        throw error;
      }
    });
  }

  #take(codes: FoundCode[]): void {
    const before = this.colors.map((color) => color.hex);
    this.colors = colorsOf(codes);
    for (const color of this.colors) {
      // What may be no colour is not taken unless somebody says so.
      if (color.ambiguous && !before.includes(color.hex)) {
        this.left.add(color.hex);
      }
    }
  }

  get chosen(): TextColor[] {
    return this.colors.filter((color) => !this.left.has(color.hex));
  }

  toggle(color: TextColor): void {
    if (!this.left.delete(color.hex)) {
      this.left.add(color.hex);
    }
  }
}
