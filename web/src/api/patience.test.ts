import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { askAgainForPictures, patiently } from './patience';

const busy = () => new Response(null, { status: 503, headers: { 'Retry-After': '1' } });

describe('asking again', () => {
  beforeEach(() => vi.useFakeTimers());

  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  it('waits as long as the server says and sends the same again', async () => {
    const bodies: string[] = [];
    const answers = [busy(), busy(), new Response('done')];
    vi.stubGlobal('fetch', async (request: Request) => {
      bodies.push(await request.text());
      return answers.shift();
    });
    const answer = patiently(new Request('http://localhost/api/x', { method: 'POST', body: 'a change' }));
    await vi.advanceTimersByTimeAsync(2000);
    expect(await (await answer).text()).toBe('done');
    expect(bodies).toEqual(['a change', 'a change', 'a change']);
  });

  it('gives up in the end, and at once where the server says no time', async () => {
    const asked = vi.fn(() => Promise.resolve(busy()));
    vi.stubGlobal('fetch', asked);
    const answer = patiently(new Request('http://localhost/api/x'));
    await vi.advanceTimersByTimeAsync(60_000);
    expect((await answer).status).toBe(503);
    expect(asked).toHaveBeenCalledTimes(9);

    vi.stubGlobal('fetch', () => Promise.resolve(new Response(null, { status: 503 })));
    expect((await patiently(new Request('http://localhost/api/x'))).status).toBe(503);
  });

  it('asks for a picture again that did not come, and shows it once it is there', async () => {
    askAgainForPictures(document);
    const image = document.createElement('img');
    image.src = 'http://localhost/api/brands/1/files/2/pages/3';
    document.body.append(image);
    const set = vi.spyOn(image, 'src', 'set');
    const answers = [busy(), new Response('picture')];
    const asked = vi.fn(() => Promise.resolve(answers.shift()));
    vi.stubGlobal('fetch', asked);
    image.dispatchEvent(new Event('error'));
    await vi.advanceTimersByTimeAsync(500);
    expect(set).not.toHaveBeenCalled();
    expect(image.hasAttribute('data-coming')).toBe(true);
    await vi.advanceTimersByTimeAsync(5000);
    expect(set).toHaveBeenCalledTimes(1);
    expect(image.hasAttribute('data-coming')).toBe(false);
    image.dispatchEvent(new Event('error'));
    await vi.advanceTimersByTimeAsync(5000);
    expect(asked).toHaveBeenCalledTimes(2);
    image.remove();
  });

  it('leaves a picture alone that is refused', async () => {
    askAgainForPictures(document);
    const image = document.createElement('img');
    image.src = 'http://localhost/api/brands/1/files/2/pages/4';
    document.body.append(image);
    const set = vi.spyOn(image, 'src', 'set');
    vi.stubGlobal('fetch', () => Promise.resolve(new Response(null, { status: 422 })));
    image.dispatchEvent(new Event('error'));
    await vi.advanceTimersByTimeAsync(5000);
    expect(set).not.toHaveBeenCalled();
    image.remove();
  });
});
