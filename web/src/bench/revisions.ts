/** Whoever is told that a brand has a new revision, or that some may have gone by unheard. */
type Listener = (change: Revision | 'unheard') => void;

interface Revision {
  brand: string;
  revision: number;
}

const NAME = 'zumbido-revisions';

/**
 * Hears of every change of every brand. A browser keeps only a few connections open, so one of its windows listens for all,
 * and another one takes over when that is closed.
 * @return ends it
 */
export function hearRevisions(listener: Listener): () => void {
  // Without a secure connection windows cannot agree, and each listens for itself.
  if (!('locks' in navigator)) {
    return listen(listener);
  }
  const others = new BroadcastChannel(NAME);
  others.onmessage = ({ data }: MessageEvent<Revision | 'unheard'>) => listener(data);
  const ending = new AbortController();
  let waited = false;
  navigator.locks
    .request(NAME, { signal: ending.signal }, () => {
      const tell: Listener = (change) => {
        listener(change);
        others.postMessage(change);
      };
      const end = listen(tell);
      if (waited) {
        tell('unheard');
      }
      return new Promise<void>((resolve) =>
        ending.signal.addEventListener('abort', () => {
          end();
          resolve();
        }),
      );
    })
    .catch(() => undefined);
  waited = true;
  return () => {
    ending.abort();
    others.close();
  };
}

function listen(listener: Listener): () => void {
  const events = new EventSource('/api/events');
  let opened = false;
  events.addEventListener('open', () => {
    if (opened) {
      listener('unheard');
    }
    opened = true;
  });
  events.addEventListener('revision', (event) => listener(JSON.parse(String(event.data)) as Revision));
  return () => events.close();
}
