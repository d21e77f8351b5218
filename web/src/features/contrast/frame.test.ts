import { describe, expect, it } from 'vitest';
import { Frame } from './frame.svelte';

describe('the frame of a text on a picture', () => {
  it('moves and stays on the picture', () => {
    const frame = new Frame();
    const { width, height } = frame.place;
    frame.move(-1, -1);
    expect(frame.place).toEqual({ x: 0, y: 0, width, height });
    frame.move(5, 5);
    expect(frame.place.x + frame.place.width).toBeCloseTo(1, 9);
    expect(frame.place.y + frame.place.height).toBeCloseTo(1, 9);
  });

  it('is sized from its lower right corner, never to nothing', () => {
    const frame = new Frame();
    frame.move(-1, -1);
    frame.size(-1, -1);
    expect(frame.place).toEqual({ x: 0, y: 0, width: Frame.LEAST, height: Frame.LEAST });
    frame.size(9, 9);
    expect(frame.place).toEqual({ x: 0, y: 0, width: 1, height: 1 });
  });

  it('is told in pixels', () => {
    const frame = new Frame();
    frame.move(-1, -1);
    frame.size(9, 9);
    expect(frame.within({ width: 640, height: 401 })).toEqual({ x: 0, y: 0, width: 640, height: 401 });
  });
});
