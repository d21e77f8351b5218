import { describe, expect, it } from 'vitest';
import type { Brand } from '../api/types';
import { Intake, type SourceText, type TakesIn } from './intake.svelte';
import type { Sheet } from './sheet.svelte';

/** What a text is taken into; files of other kinds are uploaded and have no place here. */
function intoNothing(): TakesIn {
  return {
    id: 'b',
    brand: { swatches: [] } as unknown as Brand,
    sheet: { sources: [] } as unknown as Sheet,
    text: undefined as SourceText | undefined,
    draft: () => Promise.resolve(),
  };
}

/** The page's stand-in for a browser has no text of files. */
function textFile(content: string, name: string): File {
  return Object.assign(new File([content], name), { text: () => Promise.resolve(content) });
}

describe('taking files in', () => {
  it('reads every text that is dropped', async () => {
    const into = intoNothing();
    await new Intake(into).take([textFile('Sky 7FB2D9', 'sky.txt'), textFile('Sand,E6CFA3', 'sand.csv')]);
    expect(into.text).toEqual({ content: 'Sky 7FB2D9\n\nSand,E6CFA3', from: 'sky.txt and 1 more' });
  });

  it('leaves an earlier text when no text is among the files', async () => {
    const into = intoNothing();
    into.text = { content: 'Sky 7FB2D9', from: 'pasted text' };
    await new Intake(into).take([]);
    expect(into.text.from).toBe('pasted text');
  });
});
