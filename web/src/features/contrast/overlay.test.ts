import { afterEach, describe, expect, it, vi } from 'vitest';
import type { ComposedGround, Recipe, Swatch, Worst } from '../../api/types';
import type { Bench } from '../../bench/bench.svelte';
import { OverlayState } from './overlay.svelte';

const WORST: Worst = { hex: '#B6BFC9', ratio: 7.9, text: true, largeText: true, place: 0 };

function bench(swatches: string[], judged: Partial<Bench['grounds']> = {}): Bench {
  const brand = { swatches: swatches.map((hex) => ({ hex }) as Swatch) };
  const sheet = { sources: [{ id: 'p', name: 'harbour.jpg', kind: 'jpeg', width: 500, height: 200 }] };
  return { brand, sheet, grounds: judged } as unknown as Bench;
}

const BAND: ComposedGround = {
  id: 'g',
  name: 'Title band',
  stops: ['#0B2A4A', '#0F7C7A', '#FFFFFF'],
  radial: true,
  angle: 45,
  overlay: { hex: '#FFFFFF', alpha: 0.3 },
  text: { hex: '#F2682A', ink: '#000000', name: 'Orange', slots: [] },
  may: [],
  mayNot: [],
};

describe('a ground that changes, with what is laid over it', () => {
  afterEach(() => vi.restoreAllMocks());

  it('begins with the first two colours under white', () => {
    const state = new OverlayState(bench(['#0B2A4A', '#0F7C7A', '#F2682A']));
    expect(state.stops).toEqual(['#0B2A4A', '#0F7C7A']);
    expect(state.overlay).toBe('#FFFFFF');
    expect(state.opacity).toBe(70);
    expect(state.text).toBe('#0B2A4A');
    expect(state.ground).toBe('linear-gradient(90deg, #0B2A4A, #0F7C7A)');
  });

  it('begins in black and white where the brand has no colour', () => {
    expect(new OverlayState(bench([])).stops).toEqual(['#000000', '#FFFFFF']);
  });

  it('shows a kept ground so that it is kept as it was', () => {
    const state = new OverlayState(bench(['#0B2A4A']));
    state.open(BAND);
    expect(state.ground).toBe('radial-gradient(circle, #0B2A4A, #0F7C7A, #FFFFFF)');
    expect(state.body('Title band')).toEqual({
      name: 'Title band',
      stops: ['#0B2A4A', '#0F7C7A', '#FFFFFF'],
      radial: true,
      angle: 45,
      text: '#F2682A',
      overlay: { hex: '#FFFFFF', alpha: 0.3 },
    });
  });

  it('keeps a picture without stops and nothing that is not laid over it', () => {
    const state = new OverlayState(bench(['#0B2A4A']));
    state.picture = 'p';
    state.overlay = undefined;
    expect(state.body('Harbour')).toEqual({
      name: 'Harbour',
      stops: [],
      radial: false,
      angle: 90,
      text: '#0B2A4A',
      source: 'p',
    });
  });

  it('follows a recipe and leaves the picture', () => {
    const state = new OverlayState(bench(['#0B2A4A']));
    state.picture = 'p';
    const recipe: Recipe = {
      kind: 'title-band',
      stops: ['#061626', '#0B2A4A', '#3B5B7C'],
      text: '#FFFFFF',
      worst: WORST,
    };
    state.follow(recipe);
    expect(state.picture).toBeUndefined();
    expect(state.overlay).toBeUndefined();
    expect(state.stops).toEqual(recipe.stops);
    expect(state.text).toBe('#FFFFFF');
  });

  it('is judged by the server at its worst place', async () => {
    const judgeGradient = vi.fn().mockResolvedValue(WORST);
    const state = new OverlayState(bench(['#0B2A4A', '#0F7C7A'], { judgeGradient }));
    state.judge();
    await vi.waitFor(() => expect(state.worst).toEqual(WORST));
    expect(judgeGradient).toHaveBeenCalledWith({
      stops: ['#0B2A4A', '#0F7C7A'],
      text: '#0B2A4A',
      overlay: { hex: '#FFFFFF', alpha: 0.7 },
    });
    expect(state.problem).toBeUndefined();
  });

  it('tells that a verdict is of what stood there before', async () => {
    const answers: ((worst: Worst) => void)[] = [];
    const judgeGradient = vi.fn(() => new Promise<Worst>((resolve) => answers.push(resolve)));
    const state = new OverlayState(bench(['#0B2A4A', '#0F7C7A'], { judgeGradient }));
    state.judge();
    state.judge();
    expect(state.stale).toBe(true);
    answers[0]?.({ ...WORST, ratio: 1 });
    await vi.waitFor(() => expect(answers).toHaveLength(2));
    expect(state.stale).toBe(true);
    answers[1]?.(WORST);
    await vi.waitFor(() => expect(state.stale).toBe(false));
    expect(state.worst).toEqual(WORST);
  });

  it('is judged where it stands on a picture and beside that on the whole of it', async () => {
    const inFrame = { ...WORST, ratio: 12 };
    const judgePicture = vi.fn((_: string, { frame }: { frame?: unknown }) =>
      Promise.resolve(frame ? inFrame : WORST),
    );
    const state = new OverlayState(bench(['#0B2A4A'], { judgePicture }));
    state.picture = 'p';
    state.frame.move(-1, -1);
    state.frame.size(9, 9);
    state.judge();
    await vi.waitFor(() => expect(state.worst).toEqual(inFrame));
    expect(state.anywhere).toEqual(WORST);
    expect(judgePicture).toHaveBeenCalledWith(
      'p',
      expect.objectContaining({ frame: { x: 0, y: 0, width: 500, height: 200 } }),
    );
  });

  it('takes no gradient for a picture that is off the sheet', async () => {
    const judgePicture = vi.fn().mockRejectedValue(new Error('The picture is off the sheet'));
    const judgeGradient = vi.fn();
    const state = new OverlayState(bench(['#0B2A4A'], { judgePicture, judgeGradient }));
    state.picture = 'gone';
    state.judge();
    await vi.waitFor(() => expect(state.problem).toBe('The picture is off the sheet'));
    expect(judgeGradient).not.toHaveBeenCalled();
  });

  it('says why it could not be judged', async () => {
    const judgePicture = vi.fn().mockRejectedValue(new Error('The picture is gone'));
    const state = new OverlayState(bench(['#0B2A4A'], { judgePicture }));
    state.picture = 'p';
    state.judge();
    await vi.waitFor(() => expect(state.problem).toBe('The picture is gone'));
  });
});
