import type { BrandElement, FormName, IconShape, LogoForm, LogoVersion } from '../api/types';

/** Forms and versions of logos in plain words. */
const FORMS: Record<FormName, string> = {
  primary: 'primary logo',
  short: 'short form',
  submark: 'submark',
  icon: 'icon',
};

const VERSIONS: Record<LogoVersion, string> = {
  light: 'for light grounds',
  dark: 'for dark grounds',
  'one-dark': 'in one dark colour',
  'one-light': 'in one light colour',
};

/** Where a form is used, until somebody says otherwise. Common practice, no published source. */
const USES: Record<FormName, string> = {
  primary: 'Title pages, letter heads, the head of the site: wherever there is room',
  short: 'Narrow places: slide corners, tickets, the head of the site on a telephone',
  submark: 'Round and square places: stamps, stickers, pictures of oneself',
  icon: 'The tab of a browser, apps, bookmarks',
};

const SHAPES: Record<IconShape, string> = { round: 'round', rounded: 'rounded', square: 'square' };

const ELEMENTS: Record<BrandElement['kind'], string> = {
  icons: 'icons',
  pattern: 'pattern',
  texture: 'texture',
  callout: 'callout',
  character: 'character',
};

export const FORM_NAMES: readonly FormName[] = ['primary', 'short', 'submark', 'icon'];
export const VERSION_NAMES: readonly LogoVersion[] = ['light', 'dark', 'one-dark', 'one-light'];

export function formName(form: FormName): string {
  return FORMS[form];
}

export function versionName(version: LogoVersion): string {
  return VERSIONS[version];
}

/** @return the version in few words, as it stands beneath a picture */
export function versionShort(version: LogoVersion): string {
  return { light: '', dark: 'for dark', 'one-dark': 'one colour', 'one-light': 'one colour' }[version];
}

export function useOf(form: Pick<LogoForm, 'form' | 'use'>): string {
  return form.use || USES[form.form];
}

export function usualUse(form: FormName): string {
  return USES[form];
}

export function elementKind(kind: BrandElement['kind']): string {
  return ELEMENTS[kind];
}

/** @return where a form comes from */
export function originWords(form: LogoForm): string {
  const of = form.of ? formName(form.of) : '';
  switch (form.way) {
    case 'file':
      return `${form.file ?? 'a picture'}${form.trimmed ? ', margins trimmed' : ''}`;
    case 'left-out':
      return `made of the ${of} by leaving parts out`;
    case 'cut-out':
      return `cut out of the ${of}`;
    case 'on-ground':
      return `made of the ${of} on ${form.ground?.slice(1) ?? 'a ground'}, ${form.shape ? SHAPES[form.shape] : ''}`;
    default:
      return `the letters ${form.initials ?? ''} on ${form.ground?.slice(1) ?? 'a ground'}`;
  }
}

/** The trail keeps names as they are called inside. */
export function notedForm(name: string): string {
  return formName(name.toLowerCase() as FormName);
}

export function notedVersion(name: string): string {
  return versionName(name.toLowerCase().replaceAll('_', '-') as LogoVersion);
}

/** @param from a form as it is called inside, or letters */
export function notedOrigin(from: string): string {
  const form = FORMS[from.toLowerCase() as FormName];
  return form && from.length > 3 ? `the ${form}` : `the letters ${from}`;
}
