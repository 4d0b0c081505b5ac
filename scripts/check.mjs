/**
 * What a change can break, in seconds: types, formatting and lint of what changed since the last
 * commit, and the tests that import it. `npm run check`, or `npm run check main~3` for more.
 */
import { execFileSync, spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';

const since = process.argv[2] ?? 'HEAD';
const lines = (...args) =>
  execFileSync('git', args, { encoding: 'utf8' }).split('\n').filter(Boolean);
const changed = [
  ...new Set([
    ...lines('diff', '--name-only', since),
    ...lines('ls-files', '--others', '--exclude-standard'),
  ]),
].filter(existsSync);
const code = changed.filter((file) => /\.(ts|tsx|mjs|cjs|js)$/.test(file));
const isCore = code.some((file) => file.startsWith('src/core/'));
const tested = code.filter((file) => /^(src|demo)\/.*\.tsx?$/.test(file));

/** Suites that take most of a minute each; `npm test` runs them. */
const SLOW = ['--testPathIgnorePatterns', 'src/app/edges', 'test/refusals', 'warmRoom/learning'];

const steps = [
  ['types', 'node', ['scripts/types.mjs', ...(isCore ? [] : ['--without-core'])]],
  changed.length > 0 && [
    'formatting',
    'npx',
    ['oxfmt', '--check', '--no-error-on-unmatched-pattern', ...changed],
  ],
  code.length > 0 && ['lint', 'npx', ['oxlint', ...code]],
  tested.length > 0 && [
    'related tests',
    'npm',
    [
      'run',
      '-s',
      'jest',
      '--',
      '--findRelatedTests',
      '--passWithNoTests',
      ...SLOW,
      '--',
      ...tested,
    ],
  ],
].filter(Boolean);

for (const [name, command, args] of steps) {
  const started = Date.now();
  const { status } = spawnSync(command, args, { stdio: 'inherit' });
  console.log(
    `== ${name}: ${status === 0 ? 'good' : 'FAILED'} in ${((Date.now() - started) / 1000).toFixed(1)} s`,
  );
  if (status !== 0) process.exit(status ?? 1);
}
