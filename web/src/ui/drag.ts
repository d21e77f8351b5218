/** What is dragged from the strip: the id of a swatch, under a type of our own so that nothing else is taken for it. */
const SWATCH = 'application/x-zumbido-swatch';

/** Browsers hide what is carried until it is dropped, so what is on its way is remembered here for previews. */
let carried: string | undefined;

export function dragSwatch(event: DragEvent, id: string): void {
  carried = id;
  event.dataTransfer?.setData(SWATCH, id);
  if (event.dataTransfer) {
    event.dataTransfer.effectAllowed = 'copyMove';
  }
}

/** The swatch that is being dragged over something. */
export function carriedSwatch(): string | undefined {
  return carried;
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
