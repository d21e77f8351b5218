/** How often is asked again whoever is busy, at most. */
export const MOST = 8;
export const SECOND = 1000;

/** Drawings are made a few at a time; who comes when all of them take long is told when to ask again, and does. */
export async function patiently(request: Request): Promise<Response> {
  for (let times = 0; ; times++) {
    const response = await fetch(request.clone());
    const wait = response.status === 503 ? Number(response.headers.get('Retry-After')) : 0;
    if (!(wait > 0) || times >= MOST) {
      return response;
    }
    await new Promise((resolve) => setTimeout(resolve, wait * SECOND));
  }
}

/** The same for pictures of the server, wherever on the page: they tell only that they did not come. */
export function askAgainForPictures(page: Document): void {
  const asked = new WeakMap<HTMLImageElement, { src: string; times: number }>();
  page.addEventListener(
    'error',
    ({ target }) => {
      if (!(target instanceof HTMLImageElement) || !target.src.includes('/api/')) {
        return;
      }
      const before = asked.get(target);
      const times = before?.src === target.src ? before.times + 1 : 1;
      if (times <= MOST / 2) {
        const src = target.src;
        asked.set(target, { src, times });
        // Only if nothing else is shown there by then.
        setTimeout(() => target.src === src && (target.src = src), times * SECOND);
      }
    },
    true,
  );
}
