import { answered, api } from '../api/client';

/** Whose eyes strip and specimens are seen with. */
export const EYES = [
  { value: 'normal', name: 'full colour vision' },
  { value: 'protan', name: 'little red (protan)' },
  { value: 'deutan', name: 'little green (deutan)' },
  { value: 'tritan', name: 'little blue (tritan)' },
  { value: 'grey', name: 'grey, as copied' },
] as const;

export type EyesOf = (typeof EYES)[number]['value'];

/** What the browser paints strip and specimens with; the numbers come from the server. */
class Eyes {
  whose = $state<EyesOf>('normal');
  /** Percent of the deficiency. */
  strength = $state(100);
  /** Twenty numbers of an SVG colour matrix; nothing while everything is seen as it is. */
  matrix = $state<string>();

  get name(): string {
    return EYES.find(({ value }) => value === this.whose)?.name ?? '';
  }

  async see(whose: EyesOf, strength: number): Promise<void> {
    this.whose = whose;
    this.strength = strength;
    if (whose === 'normal') {
      this.matrix = undefined;
      return;
    }
    const params = { path: { eyes: whose }, query: { strength: strength / 100 } };
    const { values } = await answered(api.GET('/api/vision/{eyes}', { params }));
    // While the answer was under way, somebody may have chosen anew.
    if (this.whose === whose && this.strength === strength) {
      this.matrix = values.join(' ');
    }
  }
}

export const eyes = new Eyes();
