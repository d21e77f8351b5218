import type { Station } from '../bench/stations';

/** What a station is for, in three sentences, and the keys that it alone has. */
interface StationHelp {
  sentences: [string, string, string];
  keys: [key: string, what: string][];
}

export const HELP: Record<Station, StationHelp> = {
  gather: {
    sentences: [
      'Drop a logo, pictures, a manual or an old presentation here: the colours that are really in them are proposed, with how much of each there is.',
      'Take the ones that belong to the brand, or point at any place of a picture and take exactly that one.',
      'From the first logo a palette and a theme are drafted, so that there is something to look at at once.',
    ],
    keys: [
      ['Arrows', 'With the magnifier: move by one pixel, with Shift by ten'],
      ['Esc', 'Put the magnifier away'],
    ],
  },
  palette: {
    sentences: [
      'Here the colours of the brand get their names, their order and their exact values; a double click or Enter renames one.',
      'Mix one until it is right, look at its ladder from light to dark, and ask what is missing.',
      'Whole palettes can stand beside each other until one is chosen.',
    ],
    keys: [['Esc', 'While a slider is moved: back to where it was']],
  },
  roles: {
    sentences: [
      'Say what each colour is for: what text stands in, what pages stand on, which one is the highlight and which are for charts.',
      'How much of each there should be, and what must not be used, is said here too.',
      'What you leave open is drafted from the palette, and everything that follows from it is shown in use on the right.',
    ],
    keys: [],
  },
  theme: {
    sentences: [
      'A theme has twelve slots, the places where programs for slides, letters and sheets look for colours.',
      'Put a swatch on each, or let the rest be suggested with a reason; tints and shades follow by themselves.',
      'A brand may have several themes, as a light one and a dark one.',
    ],
    keys: [['Enter', 'On a ticket of the strip: put it on a slot']],
  },
  contrast: {
    sentences: [
      'See which colour can be read on which, as text, as large text and as graphics, by the rules of WCAG 2.2.',
      'Where one fails the nearest that passes is offered, and pairs can be allowed or forbidden for the guide.',
      'Overlays, gradients and pictures are measured where they are hardest to read.',
    ],
    keys: [['Arrows', 'On the frame of a text: move it, with Shift make it larger or smaller']],
  },
  type: {
    sentences: [
      'Choose the faces for headings, subheadings and text, from those that ship or from your own files.',
      'For each you see what others will see who do not have it, and how much longer their lines become.',
      'A face can also be looked for by a picture of a few words.',
    ],
    keys: [],
  },
  logos: {
    sentences: [
      'Put the logo here in its forms: primary, short, submark and icon.',
      'Its versions for light and dark grounds and in one colour are made from it, and each ground is told which one reads on it.',
      'Clear space, the smallest size and icons for every place follow.',
    ],
    keys: [],
  },
  guide: {
    sentences: [
      'The style guide composes itself from everything that stands on the bench.',
      'Choose its sections and their order, write what only you can say, and read it as it will print.',
      'It comes out as pages to print, as slides, as pictures and as one page for the web.',
    ],
    keys: [
      ['Arrows', 'On the grip of a section: move it up or down'],
      ['u', 'Show the specimens beside it, or not'],
    ],
  },
  handover: {
    sentences: [
      'Take everything out in the form that others work with: templates, codes, logos, icons and the guide.',
      'One by one, or as a parcel with a note for whoever gets it.',
      'What was handed over is logged, and what has gone out of date since is told.',
    ],
    keys: [],
  },
  existing: {
    sentences: [
      'Put the brand on files that are there already: dress a presentation, check a document, recolour a drawing.',
      'Everything is told before anything is done, and what comes out is a new file beside the old one.',
      'The next version of a file is recognised, with what was left on purpose.',
    ],
    keys: [
      ['Arrows', 'On the picture of a page: the next page with a fault'],
      ['k', 'On a ticket beside a graphic: keep what it has, or let it go'],
      ['u', 'Show the specimens beside it, or not'],
    ],
  },
};
