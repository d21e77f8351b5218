// Installs and builds the page only when something has changed since the last time: `node build.mjs build|check`.
import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = dirname(fileURLToPath(import.meta.url));
const marks = join(root, '.build');
const manifests = ['package.json', 'package-lock.json', '.npmrc'];
const sources = [
  ...manifests,
  'index.html',
  'vite.config.ts',
  'svelte.config.js',
  'tsconfig.json',
  'public',
  'src',
];

function files(path) {
  return statSync(path).isDirectory()
    ? readdirSync(path)
        .sort()
        .flatMap((name) => files(join(path, name)))
    : [path];
}

function hash(names) {
  const sum = createHash('sha256').update(process.version);
  for (const file of names.flatMap((name) => files(join(root, name)))) {
    sum.update(file).update(readFileSync(file));
  }
  return sum.digest('hex');
}

function unless(mark, current, product, action) {
  const file = join(marks, mark);
  if (existsSync(product) && existsSync(file) && readFileSync(file, 'utf8') === current) {
    return;
  }
  action();
  mkdirSync(marks, { recursive: true });
  writeFileSync(file, current);
}

function npm(...args) {
  execFileSync('npm', args, { cwd: root, stdio: 'inherit' });
}

const task = process.argv[2];
if (task !== 'build' && task !== 'check') {
  throw new Error('node build.mjs build|check');
}
unless('modules', hash(manifests), join(root, 'node_modules'), () => npm('ci', '--no-audit', '--no-fund'));
if (task === 'build') {
  unless('page', hash(sources), join(root, 'dist', 'index.html'), () => npm('run', '--silent', 'build'));
} else {
  npm('run', '--silent', 'verify');
}
