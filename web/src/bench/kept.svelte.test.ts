import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../api/client';
import type { Brand } from '../api/types';
import { KeptBrand, type Answer } from './kept.svelte';
import { hearRevisions } from './revisions';

vi.mock('./revisions');

/** A server that holds a number and a name, and refuses what was made on another revision. */
class Shelf {
  revision = 1;
  name = 'Ostrel';
  readonly seen: string[] = [];

  brand(): Brand {
    return { id: 'b', revision: this.revision, name: this.name } as Brand;
  }

  rename(header: { 'If-Match': string }, name: string): Answer {
    this.seen.push(header['If-Match']);
    if (header['If-Match'] !== `"${this.revision}"`) {
      const error = { type: '/problems/revision-stale', status: 412, since: [] };
      return { error, response: new Response(null, { status: 412 }) };
    }
    this.revision++;
    this.name = name;
    return { data: this.brand(), response: new Response() };
  }
}

describe('the brand as the server holds it', () => {
  let shelf: Shelf;
  let kept: KeptBrand;

  beforeEach(async () => {
    shelf = new Shelf();
    vi.spyOn(api, 'GET').mockImplementation(() =>
      Promise.resolve({ data: { ...shelf.brand(), steps: [] }, response: new Response() } as never),
    );
    kept = new KeptBrand('b');
    await kept.load();
  });

  it('sends one change after the other, each on the revision that the one before made', async () => {
    const slow = async (header: { 'If-Match': string }) => {
      await new Promise((resolve) => setTimeout(resolve, 5));
      return shelf.rename(header, 'First');
    };
    const first = kept.change(slow);
    const second = kept.change((header) => Promise.resolve(shelf.rename(header, 'Second')));
    await Promise.all([first, second]);
    expect(shelf.seen).toEqual(['"1"', '"2"']);
    expect(kept.brand.name).toBe('Second');
    expect(kept.saving).toBe(false);
  });

  it('goes on after a change that was refused', async () => {
    const refused = kept.change(() =>
      Promise.resolve({
        error: { type: '/problems/invalid', status: 422, detail: 'No' },
        response: new Response(null, { status: 422 }),
      }),
    );
    const next = kept.change((header) => Promise.resolve(shelf.rename(header, 'Next')));
    await expect(refused).rejects.toThrow();
    await next;
    expect(kept.brand.name).toBe('Next');
  });

  it('overwrites nothing that another window has changed, and shows what stands there', async () => {
    shelf.rename({ 'If-Match': '"1"' }, 'Theirs');
    await expect(kept.change((header) => Promise.resolve(shelf.rename(header, 'Ours')))).rejects.toThrow(
      'Changed in another window meanwhile',
    );
    expect(kept.brand.name).toBe('Theirs');
    await kept.change((header) => Promise.resolve(shelf.rename(header, 'Ours again')));
    expect(kept.brand.name).toBe('Ours again');
  });

  it('shows a preview without keeping it, and ends only its own', async () => {
    const show = (name: string) =>
      Promise.resolve({ data: { ...shelf.brand(), name }, response: new Response() });
    const endFirst = kept.look(() => show('One'));
    await vi.waitFor(() => expect(kept.brand.name).toBe('One'));
    const endSecond = kept.look(() => show('Two'));
    await vi.waitFor(() => expect(kept.brand.name).toBe('Two'));
    endFirst();
    expect(kept.brand.name).toBe('Two');
    expect(kept.stored?.name).toBe('Ostrel');
    endSecond();
    expect(kept.brand.name).toBe('Ostrel');
  });

  it('takes no preview that comes after its end', async () => {
    let answer: (value: Answer) => void = () => undefined;
    const end = kept.look(() => new Promise<Answer>((resolve) => (answer = resolve)));
    end();
    answer({ data: { ...shelf.brand(), name: 'Late' }, response: new Response() });
    await new Promise((resolve) => setTimeout(resolve, 5));
    expect(kept.brand.name).toBe('Ostrel');
  });

  describe('what other windows do', () => {
    let tell: Parameters<typeof hearRevisions>[0];

    beforeEach(() => {
      vi.mocked(hearRevisions).mockImplementation((listener) => {
        tell = listener;
        return () => undefined;
      });
      shelf.rename({ 'If-Match': '"1"' }, 'Theirs');
    });

    it('is caught up with, also where something may have gone by', async () => {
      kept.follow();
      tell('unheard');
      await vi.waitFor(() => expect(kept.brand.name).toBe('Theirs'));
      shelf.rename({ 'If-Match': '"2"' }, 'Theirs again');
      tell({ brand: 'another', revision: 9 });
      tell({ brand: 'b', revision: 3 });
      await vi.waitFor(() => expect(kept.brand.name).toBe('Theirs again'));
    });

    it('is not missed while the brand is on its way', async () => {
      const before = { ...shelf.brand(), revision: 1, name: 'Ostrel' };
      const opening = new KeptBrand('b');
      opening.follow();
      tell({ brand: 'b', revision: 2 });
      opening.open(before);
      await vi.waitFor(() => expect(opening.brand.name).toBe('Theirs'));
    });
  });

  it('says that it cannot be loaded', async () => {
    vi.spyOn(api, 'GET').mockRejectedValue(new TypeError('offline'));
    const gone = new KeptBrand('gone');
    await gone.load();
    expect(gone.loaded).toBe(false);
    expect(gone.problem).toContain('does not answer');
  });
});
