import { readFileSync, readdirSync, statSync } from 'node:fs';
import { dirname, join, normalize, relative } from 'node:path';
import { describe, expect, it } from 'vitest';

const SRC = join(process.cwd(), 'src');

/** Each room knows those that stand before it; a feature is a room of its own. */
const ORDER = ['design', 'api', 'words', 'ui', 'bench', 'features', 'app'];

function files(folder: string): string[] {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    return statSync(path).isDirectory() ? files(path) : /\.(ts|svelte)$/.test(name) ? [path] : [];
  });
}

/** @return for each file the files that it takes something from, as paths in src without an ending */
function imports(): { from: string; to: string }[] {
  return files(SRC)
    .filter((path) => !/\.test\.ts$/.test(path))
    .flatMap((path) =>
      [...readFileSync(path, 'utf8').matchAll(/from '(\.[^']+)'|import\('(\.[^']+)'\)/g)].map((match) => ({
        from: relative(SRC, path),
        to: normalize(join(dirname(relative(SRC, path)), match[1] ?? match[2] ?? '')),
      })),
    );
}

function room(path: string): string {
  const [first = '', second = ''] = path.split('/');
  return first === 'features' ? `features/${second}` : first;
}

describe('the rooms of the page', () => {
  it('know only what stands before them', () => {
    const wrong = imports().filter(({ from, to }) => {
      const [here, there] = [from, to].map((path) => ORDER.indexOf(path.split('/')[0] ?? ''));
      return here !== -1 && (there === -1 || (there ?? 0) > (here ?? 0));
    });
    expect(wrong).toEqual([]);
  });

  it('form no circle among the features', () => {
    const known = new Map<string, Set<string>>();
    for (const { from, to } of imports()) {
      if (room(from).startsWith('features/') && room(to).startsWith('features/') && room(from) !== room(to)) {
        known.set(room(from), (known.get(room(from)) ?? new Set()).add(room(to)));
      }
    }
    const reach = (start: string, at: string, seen: Set<string>): boolean =>
      [...(known.get(at) ?? [])].some((next) => {
        if (next === start) {
          return true;
        }
        return !seen.has(next) && reach(start, next, seen.add(next));
      });
    expect([...known.keys()].filter((feature) => reach(feature, feature, new Set()))).toEqual([]);
    expect(known.size).toBeGreaterThan(0);
  });
});
