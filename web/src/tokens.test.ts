import { readFileSync } from 'node:fs';
import { defineConfig, parse } from '@terrazzo/parser';
import { describe, expect, it } from 'vitest';

/** What formats writes; its own test holds that the file is what is written. */
const FILE = '../formats/src/test/resources/app/zumbido/formats/tokens/ferries.tokens.json';

/** A parser of others reads the tokens that are handed over: Design Tokens Format Module 2025.10. */
describe('the design tokens', () => {
  it('are read by a parser of others, references and all', async () => {
    const cwd = new URL('file:///tokens/');
    const config = defineConfig({}, { cwd });
    const src = readFileSync(FILE, 'utf8');
    // Names are people's, so that the parser's own taste in names is left out.
    const { tokens } = await parse([{ filename: new URL('ferries.tokens.json', cwd), src }], {
      config,
      skipLint: true,
    });
    const teal = tokens['palette.Harbour teal'];
    expect(teal?.$type).toBe('color');
    expect(teal?.$value).toMatchObject({ colorSpace: 'srgb', components: [15 / 255, 124 / 255, 122 / 255] });
    const slots = Object.keys(tokens).filter((name) => name.startsWith('themes.'));
    expect(slots).toHaveLength(12);
    slots.forEach((slot) => expect(tokens[slot]?.$type).toBe('color'));
  });
});
