import { answered, api } from './client';
import { Problem } from './problem';
import { MOST, SECOND } from './patience';
import type { AddedFont, ExistingFile, Source, TakenIn } from './types';

/**
 * Sends a file; fetch tells no progress, so this is the one place with XMLHttpRequest.
 * @param to where it goes
 * @param onProgress share that has been sent, 0 to 1
 * @param signal stops it; nothing is taken in then
 * @throws Problem if the server refused it, or did not answer
 */
async function upload<T>(
  to: string,
  file: File,
  onProgress: (share: number) => void,
  signal: AbortSignal,
): Promise<T> {
  for (let times = 0; ; times++) {
    const answer = await send(to, file, onProgress, signal);
    if (answer.status === 201) {
      return answer.response as T;
    }
    if (answer.status !== 503 || times >= MOST || signal.aborted) {
      throw Problem.of(answer.response);
    }
    await new Promise((resolve) => setTimeout(resolve, SECOND));
  }
}

function send(
  to: string,
  file: File,
  onProgress: (share: number) => void,
  signal: AbortSignal,
): Promise<XMLHttpRequest> {
  return new Promise((resolve, reject) => {
    const request = new XMLHttpRequest();
    const form = new FormData();
    form.append('file', file, file.name || 'pasted.png');
    request.open('POST', to);
    request.responseType = 'json';
    request.upload.onprogress = (event) => onProgress(event.total > 0 ? event.loaded / event.total : 0);
    signal.addEventListener('abort', () => request.abort(), { once: true });
    request.onabort = () => reject(Problem.connection);
    request.onerror = () => reject(Problem.connection);
    request.onload = () => resolve(request);
    request.send(form);
  });
}

/** Sends a picture, or whatever else colours are taken from. */
export function uploadSource(
  brandId: string,
  file: File,
  onProgress: (share: number) => void,
  signal: AbortSignal,
): Promise<Source> {
  return upload(`/api/brands/${brandId}/sources`, file, onProgress, signal);
}

/** Sends a presentation, document or workbook to be dressed or checked. */
export function uploadExisting(
  brandId: string,
  file: File,
  onProgress: (share: number) => void,
  signal: AbortSignal,
): Promise<ExistingFile> {
  return upload(`/api/brands/${brandId}/files`, file, onProgress, signal);
}

/** Sends a package of whole brands. @throws Problem if the server refused it, or did not answer */
export function takeInPackage(file: File): Promise<TakenIn> {
  return answered(
    api.POST('/api/packages', {
      headers: { 'Content-Type': 'application/zip' },
      // The file is the body as it is; the description of the API knows it only as bytes.
      body: file as never,
      bodySerializer: (body: unknown) => body as Blob,
    }),
  );
}

/**
 * Sends a font file.
 * @param brandId the brand that has it alone; nothing: every brand has it
 * @throws Problem if the server refused it, or did not answer
 */
export function uploadFont(brandId: string | undefined, file: File): Promise<AddedFont> {
  const form = new FormData();
  form.append('file', file, file.name);
  return answered(
    api.POST('/api/fonts', {
      params: { query: brandId ? { brand: brandId } : {} },
      body: form as never,
      bodySerializer: (body: unknown) => body as FormData,
    }),
  );
}
