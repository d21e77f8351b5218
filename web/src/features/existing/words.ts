import type { ExistingFile } from '../../api/types';

const ONE: Record<string, [string, string]> = {
  pptx: ['slide', 'slides'],
  odp: ['slide', 'slides'],
  xlsx: ['sheet', 'sheets'],
  ods: ['sheet', 'sheets'],
  docx: ['page', 'pages'],
  odt: ['page', 'pages'],
};

export function pagesOf(file: ExistingFile): string {
  const [one, many] = ONE[file.kind] ?? ['page', 'pages'];
  return `${file.pages} ${file.pages === 1 ? one : many}`;
}

/** @param place among the versions of the file, 0 first */
export function versionName(file: ExistingFile, place: number): string {
  if (file.madeBy === 'dress') {
    return 'dressed';
  }
  if (file.madeBy === 'recolor') {
    return 'recoloured';
  }
  return file.madeBy === 'mend' ? 'mended' : place === 0 ? 'as it came' : 'next version';
}
