export const SURROUNDS = [
  { value: 'light', name: 'light' },
  { value: 'mid', name: 'mid' },
  { value: 'dark', name: 'dark' },
] as const;

export type Surround = (typeof SURROUNDS)[number]['value'];

/** What colours are judged on; one choice for all of them. */
class JudgedOn {
  surround = $state<Surround>('mid');
}

export const judged = new JudgedOn();
