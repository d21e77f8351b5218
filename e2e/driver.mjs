// Makes the folder that Playwright for Java takes its driver from: the system's Node and playwright-core from npm.
import { execFileSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync, symlinkSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const here = dirname(fileURLToPath(import.meta.url));
const target = process.argv[2];
const core = join(here, 'node_modules', 'playwright-core');

function version(folder) {
  const manifest = join(folder, 'package.json');
  return existsSync(manifest) ? JSON.parse(readFileSync(manifest, 'utf8')).version : undefined;
}

const wanted = JSON.parse(readFileSync(join(here, 'package.json'), 'utf8')).dependencies['playwright-core'];
if (version(core) !== wanted) {
  const env = { ...process.env, PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD: '1' };
  execFileSync('npm', ['ci', '--no-audit', '--no-fund'], { cwd: here, stdio: 'inherit', env });
}
rmSync(target, { recursive: true, force: true });
mkdirSync(target, { recursive: true });
symlinkSync(process.execPath, join(target, 'node'));
symlinkSync(core, join(target, 'package'));
