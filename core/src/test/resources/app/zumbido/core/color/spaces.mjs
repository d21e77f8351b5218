// Writes spaces.csv and gamut.csv, and confirms ciede2000-pairs.csv, with the general-purpose library colorjs.io,
// a development dependency of web/. Run: node spaces.mjs (after npm ci in web/).
import { createRequire } from 'node:module';
import { readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

const here = new URL('./', import.meta.url);
const require = createRequire(new URL('../../../../../../../../web/package.json', here));
const Color = require('colorjs.io').default ?? require('colorjs.io');
const { version } = JSON.parse(
  readFileSync(new URL('../../../../../../../../web/node_modules/colorjs.io/package.json', here)),
);

// A fixed linear congruential generator, so that the file is the same at every run.
let state = 20261124;
const next = (n) => (state = (state * 1103515245 + 12345) % 2147483648) % n;

const hexes = ['#000000', '#FFFFFF', '#808080', '#FF0000', '#00FF00', '#0000FF', '#FFFF00', '#00FFFF', '#FF00FF'];
while (hexes.length < 200) {
  const n = () => (next(65536) >> 8).toString(16).padStart(2, '0').toUpperCase();
  hexes.push(`#${n()}${n()}${n()}`);
}
const number = (x) => (x === null || Number.isNaN(x) ? '' : Number(x).toFixed(7));
const rows = hexes.map((hex) => {
  const c = new Color(hex);
  const grey = new Set([hex.slice(1, 3), hex.slice(3, 5), hex.slice(5, 7)]).size === 1;
  const hue = (h) => (grey ? '' : number(h));
  const lab = c.to('lab').coords;
  const lch = c.to('lch').coords;
  const oklab = c.to('oklab').coords;
  const oklch = c.to('oklch').coords;
  const hsl = c.to('hsl').coords;
  return [
    hex.slice(1),
    ...lab.map(number), number(lch[1]), hue(lch[2]),
    ...oklab.map(number), number(oklch[1]), hue(oklch[2]),
    hue(hsl[0]), number(hsl[1] / 100), number(hsl[2] / 100),
  ].join(',');
});
writeFileSync(
  new URL('spaces.csv', here),
  `# Source: colorjs.io ${version}, written by spaces.mjs beside this file. Lab and LCH under D50; hsl s and l as fractions.\n` +
    'hex,labL,labA,labB,lchC,lchH,okL,okA,okB,okC,okH,hslH,hslS,hslL\n' +
    rows.join('\n') + '\n',
);

const wide = [];
for (const l of [0.15, 0.3, 0.5, 0.7, 0.85, 0.95]) for (const c of [0.1, 0.2, 0.35]) for (const h of [0, 29, 70, 110, 143, 200, 264, 310]) wide.push([l, c, h]);
const mapped = wide.map(([l, c, h]) => {
  const color = new Color('oklch', [l, c, h]).toGamut({ space: 'srgb', method: 'css' });
  return [l, c, h, color.to('srgb').toString({ format: 'hex', collapse: false }).slice(1).toUpperCase()].join(',');
});
writeFileSync(
  new URL('gamut.csv', here),
  `# Source: colorjs.io ${version}, toGamut with method 'css' (CSS Color 4, 13.2), written by spaces.mjs beside this file.\nl,c,h,hex\n` +
    mapped.join('\n') + '\n',
);

const pairs = readFileSync(new URL('ciede2000-pairs.csv', here), 'utf8').split('\n').filter((line) => /^\d/.test(line));
for (const line of pairs) {
  const [l1, a1, b1, l2, a2, b2, expected] = line.split(',').map(Number);
  const got = new Color('lab', [l1, a1, b1]).deltaE(new Color('lab', [l2, a2, b2]), '2000');
  if (Math.abs(got - expected) > 1e-4) throw new Error(`${line}: ${got}`);
}
console.log(`${rows.length} colours, ${mapped.length} mappings, ${pairs.length} pairs confirmed in ${fileURLToPath(here)}`);
