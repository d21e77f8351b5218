/** How often is asked again whoever is busy, at most. */
export const MOST = 8;
export const SECOND = 1000;
/** Pictures that are asked for again; see the reset of styles. */
const COMING = 'data-coming';

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

/**
 * The same for pictures of the server, wherever on the page: they tell only that they did not come, so that is asked for. What
 * came in the end is kept by the server for a while, and is shown.
 */
export function askAgainForPictures(page: Document): void {
  const asked = new WeakMap<HTMLImageElement, string>();
  page.addEventListener(
    'error',
    ({ target }) => {
      if (target instanceof HTMLImageElement && target.src.includes('/api/')) {
        const { src } = target;
        if (asked.get(target) !== src) {
          asked.set(target, src);
          void showOnceThere(target, src);
        }
      }
    },
    true,
  );
}

/** The place stays empty meanwhile: a picture that is on its way is not a broken one. */
async function showOnceThere(image: HTMLImageElement, src: string): Promise<void> {
  image.toggleAttribute(COMING, true);
  try {
    const { ok } = await patiently(new Request(src));
    // Only if nothing else is shown there by then.
    if (ok && image.src === src) {
      image.src = src;
    }
  } catch {
    // The server does not answer; whatever is done next says so.
  } finally {
    image.toggleAttribute(COMING, false);
  }
}
