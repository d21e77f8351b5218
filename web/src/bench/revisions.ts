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
  const tell: Listener = (change) => {
    listener(change);
    others.postMessage(change);
  };
  /** Listens for all until it is ended. */
  const lead = (): Promise<void> => {
    const end = ending.signal.aborted ? () => undefined : listen(tell);
    return new Promise((resolve) => {
      const leave = (): void => {
        end();
        resolve();
      };
      ending.signal.addEventListener('abort', leave);
      if (ending.signal.aborted) {
        leave();
      }
    });
  };
  void navigator.locks
    .request(NAME, { ifAvailable: true }, (lock) => lock && lead())
    .then(() => navigator.locks.request(NAME, { signal: ending.signal }, lead))
    .catch(() => undefined);
  return () => {
    ending.abort();
    others.close();
  };
}

function listen(listener: Listener): () => void {
  const events = new EventSource('/api/events');
  // Also the first time: what is on the page was asked for before.
  events.addEventListener('open', () => listener('unheard'));
  events.addEventListener('revision', (event) => listener(JSON.parse(String(event.data)) as Revision));
  return () => events.close();
}
