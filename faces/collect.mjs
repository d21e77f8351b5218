// Gathers the families that ship into one folder: `node collect.mjs target/classes/faces`. Nothing but the faces that are
// used, with the licence of each and a list that names every file with its SHA-256.
import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { copyFileSync, existsSync, mkdirSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const here = dirname(fileURLToPath(import.meta.url));
const target = join(here, process.argv[2]);
const modules = join(here, 'node_modules');
const manifests = ['package.json', 'package-lock.json', 'families.json', 'collect.mjs'];
const mark = join(target, 'collected.txt');
const SUBSETS = ['latin', 'latin-ext'];
const STYLES = [
  { weight: 400, style: 'normal', folder: '400Regular' },
  { weight: 400, style: 'italic', folder: '400Regular_Italic' },
  { weight: 700, style: 'normal', folder: '700Bold' },
];

const sum = (bytes) => createHash('sha256').update(bytes).digest('hex');
const wanted = sum(manifests.map((name) => readFileSync(join(here, name), 'utf8')).join('\n'));
if (existsSync(mark) && readFileSync(mark, 'utf8') === wanted) {
  process.exit(0);
}
execFileSync('npm', ['ci', '--ignore-scripts', '--no-audit', '--no-fund'], { cwd: here, stdio: 'inherit' });
rmSync(target, { recursive: true, force: true });
mkdirSync(target, { recursive: true });

function kept(from, name) {
  copyFileSync(from, join(target, name));
  return { file: name, sha256: sum(readFileSync(from)) };
}

function face(id, wide, web, ranges, { weight, style, folder }) {
  const within = join(wide, folder);
  if (!existsSync(within)) {
    return [];
  }
  const name = `${id}-${weight}${style === 'italic' ? '-italic' : ''}`;
  const ttf = readdirSync(within).find((file) => file.endsWith('.ttf'));
  const page = SUBSETS.map((subset) => ({
    ...kept(join(web, 'files', `${id}-${subset}-${weight}-${style}.woff2`), `${name}-${subset}.woff2`),
    ranges: ranges[subset],
  }));
  return [{ id: name, weight, style, ...kept(join(within, ttf), `${name}.ttf`), page }];
}

const families = JSON.parse(readFileSync(join(here, 'families.json'), 'utf8')).map(({ id, kind }) => {
  const wide = join(modules, '@expo-google-fonts', id);
  const web = join(modules, '@fontsource', id);
  const about = JSON.parse(readFileSync(join(web, 'metadata.json'), 'utf8'));
  const ranges = JSON.parse(readFileSync(join(web, 'unicode.json'), 'utf8'));
  return {
    id,
    family: about.family,
    kind,
    license: about.license.type,
    attribution: about.license.attribution,
    licenseFile: kept(join(wide, 'LICENSE_FONT'), `${id}.license.txt`).file,
    faces: STYLES.flatMap((style) => face(id, wide, web, ranges, style)),
  };
});
writeFileSync(join(target, 'faces.json'), JSON.stringify(families, null, 1) + '\n');
writeFileSync(mark, wanted);
