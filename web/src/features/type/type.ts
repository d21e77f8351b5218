import type { RoleOfType, StandIn, TypeRemark, TypeRole } from '../../api/types';
import { embeddingWords, languageName, placeName } from '../../words/type';

export const ROLES: readonly TypeRole[] = ['heading', 'subheading', 'body', 'logo'];

/** What each role is set with on the station: words that every brand could use. */
export const SAMPLES: Record<TypeRole, string> = {
  heading: 'What is new this season',
  subheading: 'From the first day of spring, until the ice goes',
  body: 'Opening times, prices and places stand on one page: 0123456789, 05:40 to 23:10 & “in quotes”. Å É Ñ ß ø Ž.',
  logo: 'Name of the brand',
};

export const KINDS = ['serif', 'sans', 'mono', 'slab', 'script', 'display', 'condensed', 'rounded'] as const;

/** @param fraction as 0.0234 @return as in '+2 %', with the true minus sign */
export function signedPercent(fraction: number): string {
  const percent = Math.round(fraction * 100);
  return percent === 0 ? '0\u00a0%' : `${percent > 0 ? '+' : '−'}${Math.abs(percent)}\u00a0%`;
}

/** @param fraction as 0.9421 @return as in '94 %' */
export function percent(fraction: number): string {
  return `${Math.round(fraction * 100)}\u00a0%`;
}

/** What is seen, and at what size. */
export function seenAs({ family, size, shipped }: StandIn): string {
  const at = Math.round(size * 100) === 100 ? '' : ` at ${percent(size)}`;
  return `${family}${at}${shipped ? ', to install' : ''}`;
}

/** How much longer a line gets, and at what size it stays as it was. */
export function lineWords({ longer, size, evidence, shipped }: StandIn): string {
  const change = Math.round(longer * 100);
  const length =
    change === 0
      ? 'Lines stay as long.'
      : `Lines get ${Math.abs(change)} in 100 ${change > 0 ? 'longer' : 'shorter'}; set at ${percent(size)} they stay as long.`;
  const known = {
    measured: 'Measured on its file.',
    'same-metrics': 'Measured on the open family of the same metrics.',
    published: 'From its published average width and x-height only.',
  }[evidence];
  return `${length} ${known}${shipped ? ' Free to install; computers do not have it of themselves.' : ''}`;
}

/** What a font file permits, in one line. */
export function fileWords({ embedding, fontId }: RoleOfType, own: boolean): string {
  if (!fontId || !embedding) {
    return 'No file of it is here, so this page shows something alike. Choose its file to see and to measure it.';
  }
  return `${embeddingWords(embedding)} ${own ? 'Yours, so not' : 'Not'} on other people's computers.`;
}

/** Whether two roles are set in the same face and seen alike everywhere. */
export function sameStandIns(one: RoleOfType | undefined, other: RoleOfType | undefined): boolean {
  return (
    one?.fontId !== undefined &&
    one.fontId === other?.fontId &&
    one.standIns.every((standIn, place) => standIn.family === other.standIns[place]?.family)
  );
}

/** @param places that see one and the same */
export function placesWords(places: readonly StandIn['place'][]): string {
  return places.length === 4 ? 'everywhere' : places.map(placeName).join(', ');
}

/** @return the places of which one and the same is seen, together */
export function grouped(standIns: readonly StandIn[]): { places: StandIn['place'][]; standIn: StandIn }[] {
  const groups: { places: StandIn['place'][]; standIn: StandIn }[] = [];
  for (const standIn of standIns) {
    const same = groups.find((group) => group.standIn.family === standIn.family);
    if (same) {
      same.places.push(standIn.place);
    } else {
      groups.push({ places: [standIn.place], standIn });
    }
  }
  return groups;
}

export function remarkWords(remark: TypeRemark): string {
  const [one = '', other = ''] = remark.families;
  switch (remark.kind) {
    case 'many-faces':
      return `${remark.count} faces are more than a reader tells apart; three are usual.`;
    case 'nearly-alike':
      return `${one} and ${other} are nearly alike: perhaps one of them is enough.`;
    case 'shared-x-height': {
      const apart = (remark.apart ?? 0) * 100;
      const within =
        apart < 0.5 ? 'have the same x-height' : `share their x-height within ${Math.ceil(apart)} %`;
      return `${one} and ${other} ${within}: they go together.`;
    }
    case 'lacks-letters':
      return remark.language
        ? `${one} lacks ${spaced(remark.letters)}, which ${languageName(remark.language)} needs.`
        : `${one} lacks ${spaced(remark.letters)}, which stands in the name of the brand.`;
    case 'may-not-be-embedded':
      return `${one} ${remark.embedding === 'none' ? 'may not be embedded' : 'may be embedded only to look at and to print'}: its file says so.`;
    case 'not-at-hand':
      return `Nobody gave a file of ${one}; what is shown here is something alike.`;
  }
}

function spaced(letters: string | undefined): string {
  return [...(letters ?? '')].join(' ');
}
