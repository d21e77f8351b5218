import { describe, expect, it } from 'vitest';
import type { FoundCode } from '../../api/types';
import { colorsOf } from './codes.svelte';

function code(hex: string, notation: string, name?: string, ambiguous = false): FoundCode {
  return {
    hex,
    ink: '#FFFFFF',
    notation,
    text: hex,
    offset: 0,
    ambiguous,
    inside: true,
    ...(name ? { name } : {}),
  };
}

describe('colours of a text', () => {
  it('puts all codes of one colour on one line and keeps the first name', () => {
    const colors = colorsOf([code('#0F7C7A', 'hex'), code('#0F7C7A', 'rgb', 'Harbour teal')]);
    expect(colors).toHaveLength(1);
    expect(colors[0]).toMatchObject({ name: 'Harbour teal', written: ['#0F7C7A', '#0F7C7A'] });
  });

  it('takes the inks of a named colour for the same colour', () => {
    const colors = colorsOf([
      code('#0F7C7A', 'hex', 'Harbour teal'),
      code('#117B79', 'cmyk', 'Harbour teal'),
    ]);
    expect(colors.map((color) => color.hex)).toEqual(['#0F7C7A']);
  });

  it('keeps different colours apart, whatever they are called', () => {
    const colors = colorsOf([code('#0F7C7A', 'hex', 'Teal'), code('#F2682A', 'hex', 'Teal')]);
    expect(colors).toHaveLength(2);
  });

  it('is sure of a colour as soon as one of its codes is', () => {
    expect(colorsOf([code('#123456', 'hex', undefined, true), code('#123456', 'rgb')])[0]?.ambiguous).toBe(
      false,
    );
  });
});
