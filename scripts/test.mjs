/**
 * Everything that must hold, in the order in which it fails fastest. Ends with one line
 * `N passed, N failed`, summed over Jest and Playwright.
 */
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';

const JEST_REPORT = 'test-results/jest.json';
const PLAYWRIGHT_REPORT = 'test-results/playwright.json';

const step = (name, ...args) => ({ name, args: ['run', '-s', ...args] });

/**
 * Stages one after the other; the lanes of a stage side by side. Jest and the browser tests keep both cores
 * busy by themselves: side by side they would only wait for each other, and some for too long.
 */
const stages = [
  [[step('formatting', 'check:format')]],
  [
    [step('types', 'check:types'), step('lint', 'check:lint')],
    [
      step('production build', 'build'),
      step('dependency rules', 'check:deps'),
      step('unused code', 'check:unused'),
    ],
  ],
  [[step('Jest', 'jest', '--', '--json', `--outputFile=${JEST_REPORT}`)]],
  [[step('Playwright', 'e2e')]],
];

const secondsSince = (started) => ((Date.now() - started) / 1000).toFixed(1);

/** Runs a step; beside others its output is held back until it has ended, so that none mixes. */
function run({ name, args }, isAlone) {
  const started = Date.now();
  if (isAlone) console.log(`\n== ${name}`);
  return new Promise((resolve) => {
    const child = spawn('npm', args, {
      stdio: isAlone ? 'inherit' : ['ignore', 'pipe', 'pipe'],
    });
    const output = [];
    child.stdout?.on('data', (part) => output.push(part));
    child.stderr?.on('data', (part) => output.push(part));
    child.on('error', (error) => output.push(Buffer.from(`${error.message}\n`)));
    child.on('close', (status) => {
      if (!isAlone) process.stdout.write(`\n== ${name}\n${Buffer.concat(output).toString()}`);
      console.log(`== ${name}: ${status === 0 ? 'good' : 'FAILED'} in ${secondsSince(started)} s`);
      resolve(status === 0);
    });
  });
}

/** Runs the steps of a lane until one fails. */
async function runLane(lane, isAlone) {
  for (const step of lane) if (!(await run(step, isAlone))) return false;
  return true;
}

function readReport(file) {
  return existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null;
}

function counts() {
  const jest = readReport(JEST_REPORT);
  const playwright = readReport(PLAYWRIGHT_REPORT)?.stats;
  return {
    passed: (jest?.numPassedTests ?? 0) + (playwright?.expected ?? 0) + (playwright?.flaky ?? 0),
    failed:
      (jest?.numFailedTests ?? 0) +
      (jest?.numRuntimeErrorTestSuites ?? 0) +
      (playwright?.unexpected ?? 0),
  };
}

mkdirSync('test-results', { recursive: true });
rmSync(JEST_REPORT, { force: true });
rmSync(PLAYWRIGHT_REPORT, { force: true });

const started = Date.now();
let broken = 0;
for (const lanes of stages) {
  const isAlone = lanes.length === 1;
  const good = await Promise.all(lanes.map((lane) => runLane(lane, isAlone)));
  if (good.includes(false)) {
    broken = 1;
    break;
  }
}
console.log(`== all: ${secondsSince(started)} s`);
const { passed, failed } = counts();
console.log(`${passed} passed, ${Math.max(failed, broken)} failed`);
process.exitCode = broken;
