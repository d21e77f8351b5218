import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../api/client';
import type { PictureSource, Proposal } from '../../api/types';
import { ProposalState } from './proposals.svelte';

const SOURCE = { id: 's', name: 'logo.png', width: 10, height: 10 } as PictureSource;

function answer(...hexes: string[]): unknown {
  const proposals = hexes.map((hex) => ({ hex, ground: false, coverage: 0.1, x: 1, y: 1 }));
  return { data: { reading: 'artwork', order: 'coverage', proposals }, response: new Response() };
}

describe('what a picture proposes', () => {
  let waiting: ((response: unknown) => void)[] = [];

  beforeEach(() => {
    waiting = [];
    vi.spyOn(api, 'GET').mockImplementation(
      () => new Promise<unknown>((resolve) => waiting.push(resolve)) as never,
    );
  });

  async function settle(): Promise<void> {
    await new Promise((resolve) => setTimeout(resolve, 5));
  }

  it('is not overwritten by an older answer that comes later', async () => {
    const state = new ProposalState('b', SOURCE);
    state.most = 3;
    state.most = 1;
    await settle();
    waiting[1]?.(answer('#0B2A4A'));
    await settle();
    waiting[0]?.(answer('#0B2A4A', '#0F7C7A', '#F2682A'));
    await settle();
    expect(state.colors.map(({ hex }) => hex)).toEqual(['#0B2A4A']);
    expect(state.problem).toBeUndefined();
  });

  it('keeps a focus that was set while it was asked anew', async () => {
    const state = new ProposalState('b', SOURCE);
    const first = state.refresh(() => false);
    await settle();
    waiting[0]?.(answer('#0B2A4A', '#0F7C7A'));
    await first;
    const second = state.refresh(() => false);
    await settle();
    state.focused = { hex: '#0F7C7A' } as Proposal;
    waiting[1]?.(answer('#0B2A4A', '#0F7C7A'));
    await second;
    expect(state.focused?.hex).toBe('#0F7C7A');
    expect(state.focused?.coverage).toBe(0.1);
  });

  it('lets the focus go with the colour', async () => {
    const state = new ProposalState('b', SOURCE);
    state.focused = { hex: '#0F7C7A' } as Proposal;
    const asked = state.refresh(() => false);
    await settle();
    waiting[0]?.(answer('#0B2A4A'));
    await asked;
    expect(state.focused).toBeUndefined();
  });

  it('chooses what is new at first, and nothing by itself later', async () => {
    const state = new ProposalState('b', SOURCE);
    const first = state.refresh(({ hex }) => hex === '#0B2A4A');
    await settle();
    waiting[0]?.(answer('#0B2A4A', '#0F7C7A'));
    await first;
    expect([...state.chosen]).toEqual(['#0F7C7A']);
    const second = state.refresh(() => false);
    await settle();
    waiting[1]?.(answer('#0B2A4A', '#0F7C7A', '#F2682A'));
    await second;
    expect([...state.chosen]).toEqual(['#0F7C7A']);
  });
});
