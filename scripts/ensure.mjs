/**
 * Makes sure that what a command needs is there: `node scripts/ensure.mjs deps build chromium schema`.
 * Uses Node's own modules only, since it runs before anything is installed.
 */
import { spawnSync } from 'node:child_process';
import { existsSync, readdirSync, statSync } from 'node:fs';
import path from 'node:path';

const LOWEST_NODE = [20, 19];
const CHROMIUM = '/usr/bin/chromium';
const SHELL = '/usr/bin/chromium-headless-shell';
const FIREFOX = '/usr/bin/firefox-esr';
const SOURCES = [
  'src',
  'demo',
  'public',
  'index.html',
  'vite.config.ts',
  'vite.server.config.ts',
  'package-lock.json',
];

function checkNode() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  const [lowMajor, lowMinor] = LOWEST_NODE;
  if (major > lowMajor || (major === lowMajor && minor >= lowMinor)) return;
  console.error(
    `Ripenum needs Node ${LOWEST_NODE.join('.')} or newer; this is ${process.versions.node}. Install a newer Node, then try again.`,
  );
  process.exit(1);
}

const attempt = (command, args) => spawnSync(command, args, { stdio: 'inherit' });

function run(command, args) {
  const result = attempt(command, args);
  if (result.status === 0) return;
  console.error(
    `${command} ${args.join(' ')} failed${result.error ? `: ${result.error.message}` : ''}.`,
  );
  process.exit(result.status ?? 1);
}

const timeOf = (file) => (existsSync(file) ? statSync(file).mtimeMs : 0);

function newestIn(place) {
  if (!existsSync(place)) return 0;
  if (!statSync(place).isDirectory()) return timeOf(place);
  return Math.max(0, ...readdirSync(place).map((name) => newestIn(path.join(place, name))));
}

const steps = {
  deps() {
    if (timeOf('node_modules/.package-lock.json') >= timeOf('package-lock.json')) return;
    console.log('Installing what Ripenum needs; the first time this takes a minute.');
    run('npm', ['ci', '--include=dev', '--no-audit', '--no-fund']);
  },
  build() {
    const built = Math.min(timeOf('dist/client/index.html'), timeOf('dist/server/index.js'));
    if (built > 0 && built >= Math.max(...SOURCES.map(newestIn))) return;
    console.log('Building the application.');
    run('npm', ['run', '--silent', 'build']);
  },
  chromium() {
    if (existsSync(CHROMIUM) && existsSync(SHELL)) return;
    console.log("Installing Debian's Chromium for the browser tests.");
    const install = ['install', '-y', '--no-install-recommends'];
    const isThere = existsSync(CHROMIUM);
    (isThere ? attempt : run)('apt-get', ['update']);
    if (!isThere) run('apt-get', [...install, 'chromium']);
    // Quicker, but the tests do without it where it cannot be had.
    attempt('apt-get', [...install, 'chromium-headless-shell']);
  },
  firefox() {
    if (existsSync(FIREFOX)) return;
    console.log("Installing Debian's Firefox for the walk through it.");
    run('apt-get', ['update']);
    run('apt-get', ['install', '-y', '--no-install-recommends', 'firefox-esr']);
  },
};

checkNode();
for (const name of process.argv.slice(2)) {
  if (!(name in steps)) {
    console.error(`Nothing is known of “${name}”; choose from ${Object.keys(steps).join(', ')}.`);
    process.exit(1);
  }
  steps[name]();
}
