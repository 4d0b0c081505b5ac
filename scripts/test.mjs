/**
 * Everything that must hold, in the order in which it fails fastest. Ends with one line
 * `N passed, N failed`, summed over Jest and Playwright.
 */
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';

const JEST_REPORT = 'test-results/jest.json';
const PLAYWRIGHT_REPORT = 'test-results/playwright.json';

const steps = [
  { name: 'formatting', args: ['run', '-s', 'check:format'] },
  { name: 'lint', args: ['run', '-s', 'check:lint'] },
  { name: 'types', args: ['run', '-s', 'check:types'] },
  { name: 'dependency rules', args: ['run', '-s', 'check:deps'] },
  { name: 'unused code', args: ['run', '-s', 'check:unused'] },
  { name: 'Jest', args: ['run', '-s', 'jest', '--', '--json', `--outputFile=${JEST_REPORT}`] },
  { name: 'production build', args: ['run', '-s', 'build'] },
  { name: 'Playwright', args: ['run', '-s', 'e2e'] },
];

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

let broken = 0;
for (const step of steps) {
  const started = Date.now();
  console.log(`\n== ${step.name}`);
  const { status } = spawnSync('npm', step.args, { stdio: 'inherit' });
  console.log(
    `== ${step.name}: ${status === 0 ? 'good' : 'FAILED'} in ${((Date.now() - started) / 1000).toFixed(1)} s`,
  );
  if (status !== 0) {
    broken = 1;
    break;
  }
}
const { passed, failed } = counts();
console.log(`${passed} passed, ${Math.max(failed, broken)} failed`);
process.exitCode = broken;
