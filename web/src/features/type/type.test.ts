import { describe, expect, it } from 'vitest';
import type { StandIn, TypeRemark } from '../../api/types';
import { grouped, lineWords, placesWords, remarkWords, sameStandIns, seenAs, signedPercent } from './type';

function standIn(place: StandIn['place'], family: string, longer: number): StandIn {
  return {
    place,
    family,
    longer,
    size: 1 / (1 + longer),
    likeness: 0.9,
    evidence: 'same-metrics',
    shipped: false,
    chosen: false,
  };
}

function remark(about: Partial<TypeRemark> & Pick<TypeRemark, 'kind'>): TypeRemark {
  return { families: ['Lora', 'Inter'], ...about };
}

describe('what others see', () => {
  it('has a sign and a unit', () => {
    expect(signedPercent(0.0234)).toBe('+2\u00a0%');
    expect(signedPercent(-0.072)).toBe('\u22127\u00a0%');
    expect(signedPercent(-0.001)).toBe('0\u00a0%');
  });

  it('names the size that keeps lines as long', () => {
    expect(seenAs(standIn('site', 'Calibri', 0))).toBe('Calibri');
    expect(seenAs(standIn('site', 'Calibri', -0.02))).toBe('Calibri at 102\u00a0%');
    expect(lineWords(standIn('site', 'Arial', 0.25))).toContain('25 in 100 longer; set at 80\u00a0%');
    expect(lineWords({ ...standIn('site', 'Lora', 0), shipped: true })).toContain('Free to install');
  });

  it('joins the places that see the same', () => {
    const groups = grouped([
      standIn('slides', 'Calibri', 0),
      standIn('letters', 'Calibri', 0),
      standIn('mail', 'Arial', 0.04),
      standIn('site', 'Calibri', 0),
    ]);
    expect(groups.map(({ places, standIn: { family } }) => [placesWords(places), family])).toEqual([
      ['slides, letters, site', 'Calibri'],
      ['mail', 'Arial'],
    ]);
    expect(placesWords(['slides', 'letters', 'mail', 'site'])).toBe('everywhere');
  });

  it('is said once where two roles see the same', () => {
    const role = (fontId: string, family: string) => ({ fontId, standIns: [standIn('site', family, 0)] });
    expect(sameStandIns(role('lora-700', 'Georgia'), role('lora-700', 'Georgia'))).toBe(true);
    expect(sameStandIns(role('lora-700', 'Georgia'), role('lora-700', 'Cambria'))).toBe(false);
    expect(sameStandIns(role('lora-400', 'Georgia'), role('lora-700', 'Georgia'))).toBe(false);
    expect(sameStandIns(undefined, undefined)).toBe(false);
  });
});

describe('remarks', () => {
  it('say what is the matter in plain words', () => {
    expect(remarkWords(remark({ kind: 'many-faces', count: 4 }))).toContain('4 faces');
    expect(remarkWords(remark({ kind: 'nearly-alike' }))).toContain(
      'Lora and Inter are nearly alike: perhaps',
    );
    expect(remarkWords(remark({ kind: 'shared-x-height', apart: 0.012 }))).toContain('within 2 %');
    expect(remarkWords(remark({ kind: 'shared-x-height', apart: 0 }))).toContain('the same x-height');
    expect(remarkWords(remark({ kind: 'lacks-letters', letters: 'ČŘ', language: 'cs' }))).toBe(
      'Lora lacks Č Ř, which Czech needs.',
    );
    expect(remarkWords(remark({ kind: 'lacks-letters', letters: 'Ő' }))).toContain('the name of the brand');
    expect(remarkWords(remark({ kind: 'may-not-be-embedded', embedding: 'none' }))).toContain(
      'may not be embedded',
    );
  });
});
