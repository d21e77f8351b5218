// Writes ladders.csv, companions.csv, moods.csv and tones.csv: colours moved in OKLCH by numbers that the classes describe in
// words, set by eye (common practice, no published source); conversion and gamut mapping (CSS Color 4, 13.2)
// are those of the general-purpose library colorjs.io, a development dependency of web/.
// Run: node steps.mjs (after npm ci in web/).
import { createRequire } from 'node:module';
import { writeFileSync } from 'node:fs';

const here = new URL('./', import.meta.url);
const require = createRequire(new URL('../../../../../../../../web/package.json', here));
const Color = require('colorjs.io').default ?? require('colorjs.io');

const HEXES = ['0F7C7A', 'F2682A', '0B2A4A', 'EAF3F2', '777777', '101010', 'FFD400', 'FF00FF', '2F5DFF', '8A3FD0', 'C8B8A0'];

const lchOf = (hex) => {
  const [l, c, h] = new Color(`#${hex}`).to('oklch').coords;
  const grey = new Set(hex.match(/../g)).size === 1;
  return { l, c: grey ? 0 : c, h: grey ? null : h };
};
const hexOf = ({ l, c, h }) => {
  const mapped = new Color('oklch', [Math.min(1, Math.max(0, l)), c, h ?? 0]).to('srgb').toGamut({ method: 'css' });
  const channel = (x) => Math.round(Math.min(1, Math.max(0, x)) * 255);
  return mapped.coords.map((x) => channel(x).toString(16).padStart(2, '0')).join('').toUpperCase();
};
const write = (name, header, rows) =>
  writeFileSync(
    new URL(name, here),
    [
      '# Source: steps by eye (common practice, no published source), worked by colorjs.io; steps.mjs beside this file.',
      header,
      ...rows.map((row) => row.join(',')),
    ].join('\n') + '\n',
  );

// A ladder runs to lightness 0.97 with 15 % of the chroma left, and to 0.17 with 40 %; the loss grows with the power of 1.5.
write('ladders.csv', 'hex,away,step', HEXES.flatMap((hex) =>
  [1, 0.75, 0.5, 0.2, -0.2, -0.5, -1].map((away) => {
    const { l, c, h } = lchOf(hex);
    const [end, left] = away > 0 ? [Math.max(0.97, l), 0.15] : [Math.min(0.17, l), 0.4];
    const way = Math.abs(away);
    return [hex, away, hexOf({ l: l + (end - l) * way, c: c - c * (1 - left) * way ** 1.5, h })];
  })));

// Darker by 0.16, lighter by 0.2, never by more than 55 % of what is left; nine tenths and six tenths of the chroma.
write('companions.csv', 'hex,darker,lighter,brighter,turned back,turned on', HEXES.map((hex) => {
  const { l, c, h } = lchOf(hex);
  const brighter = (lightness, chroma, turn) =>
    hexOf({ l: l + Math.min(lightness, 0.55 * (1 - l)), c: h === null ? c : c + chroma, h: h === null ? null : h + turn });
  return [
    hex,
    hexOf({ l: l - Math.min(0.16, 0.55 * l), c: 0.9 * c, h }),
    hexOf({ l: l + Math.min(0.2, 0.55 * (1 - l)), c: 0.6 * c, h }),
    brighter(0.07, 0.05, 0),
    brighter(0.13, 0.06, -12),
    brighter(0.13, 0.06, 12),
  ];
}));

const WORDS = {
  WARMER: [0, 1, 55, 0.35],
  COOLER: [0, 1, 240, 0.35],
  QUIETER: [0.02, 0.55, null, 0],
  LIVELIER: [0, 1.45, null, 0],
  DARKER: [-0.12, 1, null, 0],
  PALER: [0.14, 0.7, null, 0],
  EARTHIER: [-0.06, 0.65, 65, 0.45],
  FRESHER: [0.06, 1.15, 165, 0.2],
  DEEPER: [-0.1, 1.25, null, 0],
  SOFTER: [0.08, 0.6, null, 0],
};
// Ink (below 0.32), paper (above 0.93) and greys (chroma below 0.03) keep their lightness; a grey leans by 0.012 of chroma.
write('moods.csv', 'word,amount,hex,becomes', Object.entries(WORDS).flatMap(([word, [lightness, strength, pull, share]]) =>
  [...HEXES, '8A8C90'].flatMap((hex) => [1, 0.4].map((amount) => {
    const { l, c, h } = lchOf(hex);
    const grey = c < 0.03;
    const kept = grey || l < 0.32 || l > 0.93;
    const lighter = kept ? l : Math.min(0.93, Math.max(0.32, l + lightness * amount));
    const louder = 1 + (strength - 1) * amount;
    if (grey) {
      const leans = share > 0;
      return [word, amount, hex, hexOf({ l: lighter, c: Math.max(c * louder, leans ? 0.012 * amount : 0), h: leans ? pull : h })];
    }
    const rad = (degrees) => ((degrees ?? 0) * Math.PI) / 180;
    const way = share * amount;
    const a = c * Math.cos(rad(h)) * (1 - way) + c * Math.cos(rad(pull)) * way;
    const b = c * Math.sin(rad(h)) * (1 - way) + c * Math.sin(rad(pull)) * way;
    const turned = (Math.atan2(b, a) * 180) / Math.PI;
    return [word, amount, hex, hexOf({ l: lighter, c: Math.hypot(a, b) * louder, h: turned })];
  }))));

// A mood is a rule of tones: lightness, chroma, turn, and a hue that it leans to by a share of the shorter way.
const tone = (l, c, turn = 0, pull = 0, share = 0) => ({ l, c, turn, pull, share });
const MOODS = {
  QUIET: [tone(0.5, 0.06), tone(0.74, 0.04, 20), tone(0.96, 0.008), tone(0.27, 0.025)],
  WARM: [tone(0.56, 0.13, 0, 50, 0.4), tone(0.76, 0.12, 0, 75, 0.7), tone(0.96, 0.02, 0, 80, 1), tone(0.28, 0.04, 0, 40, 0.6)],
  DEEP: [tone(0.34, 0.09), tone(0.47, 0.1, 25), tone(0.8, 0.13, 180), tone(0.95, 0.015), tone(0.2, 0.035)],
  SOFT: [
    tone(0.8, 0.08), tone(0.86, 0.06, 60), tone(0.83, 0.06, -60), tone(0.92, 0.04, 160), tone(0.985, 0.004), tone(0.37, 0.05),
  ],
};
const FAMILIES = { RED: 25, ORANGE: 55, YELLOW: 95, GREEN: 145, TEAL: 190, BLUE: 255, VIOLET: 300, PINK: 355 };
write('tones.csv', 'mood,hue,colours', Object.entries(MOODS).flatMap(([mood, tones]) =>
  Object.entries(FAMILIES).map(([family, middle]) => [
    mood,
    family,
    tones.map(({ l, c, turn, pull, share }) => {
      const own = middle + turn;
      let away = pull - own;
      while (away > 180) away -= 360;
      while (away < -180) away += 360;
      return hexOf({ l, c, h: own + away * share });
    }).join(' '),
  ])));
