import { describe, expect, it, vi } from 'vitest';
import type { Brand, Consequences } from '../../api/types';
import type { Bench } from '../../bench/bench.svelte';
import { Carrying } from './carrying.svelte';

function seen(slots: number): Brand {
  const consequences = {
    slots: Array.from({ length: slots }, () => ({ theme: 'Day', slot: 'accent1' })),
  } as unknown as Consequences;
  return { revision: 3, consequences } as Brand;
}

function carrying(): Carrying {
  return new Carrying({
    brand: { revision: 3 },
    kept: { endPreview: vi.fn() },
  } as unknown as Bench);
}

function ordering(slots: number, carry = vi.fn().mockResolvedValue(undefined)) {
  return { carry, make: () => ({ what: 'Teal moves', look: () => Promise.resolve(seen(slots)), carry }) };
}

describe('an order of use that accents hear', () => {
  it('waits until it is carried through', async () => {
    const state = carrying();
    const { make, carry } = ordering(2);
    await state.order(make, 'teal');
    expect(carry).not.toHaveBeenCalled();
    await state.pending?.carry();
    expect(carry).toHaveBeenCalledOnce();
    expect(state.pending).toBeUndefined();
  });

  it('is made at once where no accent hears it', async () => {
    const state = carrying();
    const { make, carry } = ordering(0);
    await state.order(make, 'teal');
    expect(carry).toHaveBeenCalledOnce();
    expect(state.pending).toBeUndefined();
  });

  it('is carried through by going on elsewhere, and by leaving its place', async () => {
    const state = carrying();
    const first = ordering(1);
    const second = ordering(1);
    await state.order(first.make, 'teal');
    await state.order(second.make, 'navy');
    expect(first.carry).toHaveBeenCalledOnce();
    state.left('teal');
    expect(second.carry).not.toHaveBeenCalled();
    state.left('navy');
    expect(second.carry).toHaveBeenCalledOnce();
  });

  it('is not made twice when it waits no longer', async () => {
    const state = carrying();
    const first = ordering(1);
    await state.order(first.make, 'teal');
    await state.order(ordering(0).make, 'teal');
    state.left('teal');
    expect(first.carry).not.toHaveBeenCalled();
  });

  it('that stands by itself only ends when it is left', async () => {
    const state = carrying();
    const { make, carry } = ordering(1);
    await state.order(make);
    state.left(undefined);
    expect(carry).not.toHaveBeenCalled();
    expect(state.pending).toBeUndefined();
  });

  it('one after the other, each on what the one before left', async () => {
    const state = carrying();
    const order: string[] = [];
    const each = (name: string) => () => {
      order.push(name);
      return { what: name, look: () => Promise.resolve(seen(0)), carry: () => Promise.resolve() };
    };
    await Promise.all([state.order(each('one')), state.order(each('two'))]);
    expect(order).toEqual(['one', 'two']);
  });
});
