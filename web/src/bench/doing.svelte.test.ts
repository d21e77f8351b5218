import { describe, expect, it, vi } from 'vitest';
import { Doing } from './doing.svelte';

describe('what the page does', () => {
  it('adds once, however often Enter is pressed meanwhile', async () => {
    const doing = new Doing();
    let finish: () => void = () => undefined;
    const add = vi.fn(() => new Promise<void>((resolve) => (finish = resolve)));
    const first = doing.once(add);
    expect(doing.adding).toBe(true);
    expect(await doing.once(add)).toBe(false);
    finish();
    expect(await first).toBe(true);
    expect(add).toHaveBeenCalledTimes(1);
    const again = doing.once(add);
    finish();
    expect(await again).toBe(true);
    expect(add).toHaveBeenCalledTimes(2);
  });

  it('listens again after a refusal, and shows it until the next try', async () => {
    const doing = new Doing();
    expect(await doing.once(() => Promise.reject(new Error('Not so')))).toBe(false);
    expect(doing.problem).toBe('Not so');
    expect(doing.adding).toBe(false);
    expect(await doing.do(() => Promise.resolve())).toBe(true);
    expect(doing.problem).toBeUndefined();
  });

  it('tells a refusal elsewhere where that is wanted', async () => {
    const told = vi.fn();
    const doing = new Doing(told);
    await doing.do(() => Promise.reject(new Error('Not so')));
    expect(told).toHaveBeenCalledWith('Not so');
    expect(doing.problem).toBeUndefined();
  });

  it('drops none of several things that are no additions', async () => {
    const doing = new Doing();
    const done: string[] = [];
    await Promise.all(['a', 'b', 'c'].map((name) => doing.do(() => void done.push(name))));
    expect(done).toEqual(['a', 'b', 'c']);
  });
});
