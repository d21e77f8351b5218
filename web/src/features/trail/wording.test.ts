import { describe, expect, it } from 'vitest';
import type { Note } from '../../api/types';
import { wordsOf } from './wording';

describe('the trail in plain words', () => {
  it.each<[Note, string]>([
    [{ kind: 'BEGUN', count: 1 }, 'Brand put on the shelf'],
    [{ kind: 'DRAFTED', count: 4, subject: 'logo.png' }, 'Drafted from logo.png: 4 colours'],
    [{ kind: 'DRAFTED', count: 1, subject: 'dot.png' }, 'Drafted from dot.png: 1 colour'],
    [
      { kind: 'SWATCH_RECOLORED', count: 1, subject: 'Harbour teal', from: '0F7C7A', to: '138F8C' },
      'Harbour teal changed (0F7C7A → 138F8C)',
    ],
    [{ kind: 'SLOT_FILLED', count: 1, slot: 'accent1', from: '', to: '0F7C7A' }, 'Accent 1 set to 0F7C7A'],
    [
      { kind: 'SLOT_FILLED', count: 1, slot: 'hlink', from: '0B2A4A', to: '0F7C7A' },
      'Hyperlink set (0B2A4A → 0F7C7A)',
    ],
    [{ kind: 'SLOT_FILLED', count: 1, slot: 'accent1', from: '0F7C7A', to: '' }, 'Accent 1 emptied'],
    [{ kind: 'SWATCHES_ADDED', count: 3, subject: 'Foam' }, '3 swatches added, Foam first'],
    [{ kind: 'SWATCH_MOVED', count: 1, subject: 'Foam', from: '3', to: '1' }, 'Foam moved from place 3 to 1'],
    [{ kind: 'SHORT_CODE_SET', count: 1, from: 'OF', to: '' }, 'Short code OF taken away'],
  ])('words %o', (note, words) => {
    expect(wordsOf(note)).toBe(words);
  });
});
