import createClient from 'openapi-fetch';
import { patiently } from './patience';
import { Problem } from './problem';
import type { paths } from './schema';

export const api = createClient<paths>({ baseUrl: '/', fetch: patiently });

interface Answer<T> {
  data?: T;
  error?: unknown;
  response: Response;
}

/**
 * What the server answered.
 * @throws Problem if it refused, or did not answer at all
 */
export async function answered<T>(request: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>;
  try {
    answer = await request;
  } catch {
    throw Problem.connection;
  }
  if (!answer.response.ok) {
    throw Problem.of(answer.error);
  }
  return answer.data as T;
}

/** The part of a request that lets it be aborted. */
export function abortable(signal: AbortSignal | undefined): { signal?: AbortSignal } {
  return signal ? { signal } : {};
}
