import type { Lettered, Specimen } from '../api/types';

/** How letters are set, as declarations of CSS. */
export function setIn(letters: Lettered): string {
  return declarations(letters)
    .map(([name, value]) => `${name}: ${value}`)
    .join('; ');
}

/** The same for heading, subheading and body as custom properties, for everything inside. */
export function typeVars(specimen: Specimen): string {
  const roles = [
    ['heading', specimen.heading],
    ['sub', specimen.subheading],
    ['body', specimen.body],
  ] as const;
  return roles
    .flatMap(([role, letters]) => [
      `--${role}: ${letters.stack}`,
      `--${role}-weight: ${letters.weight}`,
      `--${role}-style: ${letters.italic ? 'italic' : 'normal'}`,
      `--${role}-case: ${letters.capitals === 'all-capitals' ? 'uppercase' : 'none'}`,
      `--${role}-tracking: ${letters.tracking / 1000}em`,
      `--${role}-ink: ${letters.color}`,
    ])
    .join('; ');
}

function declarations(letters: Lettered): [string, string][] {
  return [
    ['font-family', letters.stack],
    ['font-weight', String(letters.weight)],
    ['font-style', letters.italic ? 'italic' : 'normal'],
    ['text-transform', letters.capitals === 'all-capitals' ? 'uppercase' : 'none'],
    ['letter-spacing', `${letters.tracking / 1000}em`],
  ];
}
