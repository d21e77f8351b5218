import { describe, expect, it } from 'vitest';
import type { Tint } from '../../api/types';
import { inDocuments, inPresentations, inWorkbooks, stepWords } from './tints';

const LIGHTER: Tint = {
  hex: '#CFDFEE',
  ink: '#000000',
  lumMod: 20,
  lumOff: 80,
  themeTint: '33',
  documentHex: '#CFDFEE',
  tint: 0.8,
  workbookHex: '#CFDFEE',
};
const DARKER: Tint = {
  hex: '#234667',
  ink: '#FFFFFF',
  lumMod: 75,
  lumOff: 0,
  themeShade: 'BF',
  documentHex: '#234668',
  tint: -0.25,
  workbookHex: '#234667',
};

describe('a tint as each kind of document writes it', () => {
  it('is named by its step', () => {
    expect(stepWords(LIGHTER)).toBe('80 % lighter');
    expect(stepWords(DARKER)).toBe('25 % darker');
  });

  it('has an encoding for each', () => {
    expect(inPresentations(LIGHTER)).toBe('lumMod 20000, lumOff 80000');
    expect(inPresentations(DARKER)).toBe('lumMod 75000');
    expect(inDocuments(LIGHTER)).toBe('themeTint 33');
    expect(inWorkbooks(LIGHTER)).toBe('tint 0.8');
    expect(inWorkbooks(DARKER)).toBe('tint -0.25');
  });

  it('says where a program shows another colour', () => {
    expect(inDocuments(DARKER)).toBe('themeShade BF, shown as 234668');
  });
});
