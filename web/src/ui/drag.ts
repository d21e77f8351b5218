/** What is dragged from the strip: the id of a swatch, under a type of our own so that nothing else is taken for it. */
const SWATCH = 'application/x-zumbido-swatch';

export function dragSwatch(event: DragEvent, id: string): void {
  event.dataTransfer?.setData(SWATCH, id);
  if (event.dataTransfer) {
    event.dataTransfer.effectAllowed = 'copyMove';
  }
}

export function carriesSwatch(event: DragEvent): boolean {
  return event.dataTransfer?.types.includes(SWATCH) ?? false;
}

export function droppedSwatch(event: DragEvent): string | undefined {
  return event.dataTransfer?.getData(SWATCH) || undefined;
}

export function carriesFiles(event: DragEvent): boolean {
  return event.dataTransfer?.types.includes('Files') ?? false;
}
