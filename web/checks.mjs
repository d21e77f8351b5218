// Every check of the page, two at a time; each says what it has to say in one piece when it ends.
import { spawn } from 'node:child_process';
import { dirname } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = dirname(fileURLToPath(import.meta.url));
const AT_ONCE = 2;
// The longest first, so that no long one is left over at the end.
const waiting = ['test', 'lint', 'check', 'format:check', 'types:check'];

function run(name) {
  return new Promise((ended, failed) => {
    const said = [];
    const check = spawn('npm', ['run', '--silent', name], { cwd: root, stdio: ['ignore', 'pipe', 'pipe'] });
    check.stdout.on('data', (part) => said.push(part));
    check.stderr.on('data', (part) => said.push(part));
    check.on('error', failed);
    check.on('close', (code) => {
      process.stdout.write(`${code === 0 ? 'passed' : 'FAILED'}: npm run ${name}\n${Buffer.concat(said)}`);
      ended(code === 0);
    });
  });
}

async function runThoseThatWait() {
  let passed = true;
  while (waiting.length > 0) {
    passed = (await run(waiting.shift())) && passed;
  }
  return passed;
}

const passed = await Promise.all(Array.from({ length: AT_ONCE }, runThoseThatWait));
process.exitCode = passed.every(Boolean) ? 0 : 1;
