/** Set by scripts/mutation.mjs, which runs this once for each folder of the core. */
const folder = process.env.RIPENUM_MUTATED ?? 'ruling';

export default {
  mutate: [`src/core/${folder}/**/*.ts`, '!src/core/**/*.test.ts'],
  testRunner: 'jest',
  testRunnerNodeArgs: ['--experimental-vm-modules', '--disable-warning=ExperimentalWarning'],
  jest: { configFile: 'jest.mutation.config.js', enableFindRelatedTests: false },
  coverageAnalysis: 'perTest',
  concurrency: Number(process.env.RIPENUM_MUTATION_RUNNERS ?? 2),
  // sentences are no part of the arithmetic; what a code should be, types and tests of outcomes say
  mutator: { excludedMutations: ['StringLiteral'] },
  ignoreStatic: true,
  // modules of a finished run are never let go of: after some runs a process does little but collect them
  maxTestRunnerReuse: 20,
  timeoutMS: 2_500,
  timeoutFactor: 1.25,
  tempDirName: '.stryker-tmp',
  ignorePatterns: ['/dist', '/docs', '/e2e', '/public', '/test-results', '/demo', '/bench'],
  reporters: ['json', 'progress-append-only'],
  jsonReporter: { fileName: `test-results/mutation/${folder}.json` },
  disableTypeChecks: false,
  cleanTempDir: 'always',
};
