/** The stations in the order of the work. The numbers stay, whichever stations stand already. */
export const STATIONS = [
  { key: 'gather', number: '1', name: 'Gather' },
  { key: 'palette', number: '2', name: 'Palette' },
  { key: 'roles', number: '3', name: 'Roles' },
  { key: 'theme', number: '4', name: 'Theme' },
  { key: 'contrast', number: '5', name: 'Contrast' },
  { key: 'type', number: '6', name: 'Type' },
  { key: 'logos', number: '7', name: 'Logos' },
  { key: 'guide', number: '8', name: 'Guide' },
  { key: 'handover', number: '9', name: 'Hand over' },
  // Apart from the row: files that were there before.
  { key: 'existing', number: '0', name: 'Existing files' },
] as const;

export type Station = (typeof STATIONS)[number]['key'];

export function isStation(text: string | undefined): text is Station {
  return STATIONS.some((station) => station.key === text);
}
