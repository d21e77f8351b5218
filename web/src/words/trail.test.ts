import { describe, expect, it } from 'vitest';
import type { Note } from '../api/types';
import { wordsOf } from './trail';

describe('the trail in plain words', () => {
  it.each<[Note, string]>([
    [{ kind: 'begun', count: 1 }, 'Brand put on the shelf'],
    [{ kind: 'drafted', count: 4, subject: 'logo.png' }, 'Drafted from logo.png: 4 colours'],
    [{ kind: 'drafted', count: 1, subject: 'dot.png' }, 'Drafted from dot.png: 1 colour'],
    [
      { kind: 'swatch-recolored', count: 1, subject: 'Harbour teal', from: '0F7C7A', to: '138F8C' },
      'Harbour teal changed (0F7C7A → 138F8C)',
    ],
    [{ kind: 'slot-filled', count: 1, slot: 'accent1', from: '', to: '0F7C7A' }, 'Accent 1 set to 0F7C7A'],
    [
      { kind: 'slot-filled', count: 1, slot: 'hlink', from: '0B2A4A', to: '0F7C7A' },
      'Hyperlink set (0B2A4A → 0F7C7A)',
    ],
    [{ kind: 'slot-filled', count: 1, slot: 'accent1', from: '0F7C7A', to: '' }, 'Accent 1 emptied'],
    [{ kind: 'swatches-added', count: 3, subject: 'Foam' }, '3 swatches added, Foam first'],
    [
      { kind: 'role-worded', count: 1, from: 'TEXT_ON_DARK', to: 'For slides.' },
      'Text on dark worded: For slides.',
    ],
    [{ kind: 'role-assigned', count: 2, to: 'MAIN', subject: 'Teal' }, 'Main: Teal and 1 more'],
    [{ kind: 'swatch-moved', count: 1, subject: 'Foam', from: '3', to: '1' }, 'Foam moved from place 3 to 1'],
    [{ kind: 'logo-put', count: 1, subject: 'PRIMARY', to: 'logo.svg' }, 'logo.svg is the primary logo'],
    [{ kind: 'logo-made', count: 1, subject: 'ICON', to: 'SUBMARK' }, 'Icon made of the submark'],
    [{ kind: 'logo-made', count: 1, subject: 'ICON', to: 'PS' }, 'Icon made of the letters PS'],
    [
      { kind: 'logo-version-put', count: 1, subject: 'SHORT', from: 'ONE_DARK', to: 'ink.svg' },
      'ink.svg is the short form in one dark colour',
    ],
    [{ kind: 'short-code-set', count: 1, from: 'OF', to: '' }, 'Short code OF taken away'],
  ])('words %o', (note, words) => {
    expect(wordsOf(note)).toBe(words);
  });
});
