const base = {
  roots: ['<rootDir>/src', '<rootDir>/demo', '<rootDir>/gallery'],
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  setupFiles: ['fake-indexeddb/auto'],
};

/**
 * Suites that share the modules of a process, as the parts of an application do: what they import is read
 * once, not once for each of them.
 */
const shared = { ...base, runner: '<rootDir>/scripts/jest/runner.mjs' };

/** A suite with modules and globals of its own. */
export const isolated = {
  ...base,
  testEnvironment: 'node',
  testTimeout: 30_000,
  transform: {
    '^.+\\.tsx?$': [
      '@swc/jest',
      {
        jsc: {
          parser: { syntax: 'typescript', tsx: true },
          target: 'es2022',
          transform: { react: { runtime: 'automatic' } },
        },
        module: { type: 'es6' },
      },
    ],
  },
};

/** @type {import('jest').Config} */
export default {
  // which suites are whose stands in one pattern each: patterns to ignore can be given by hand, and replace others
  projects: [
    {
      ...shared,
      displayName: 'pages',
      testRegex: ['^(?!.*\\.alone\\.).*(/walks/.*\\.test\\.ts|\\.test\\.tsx)$'],
      setupFiles: [...base.setupFiles, '<rootDir>/scripts/jest/page.mjs'],
    },
    {
      ...shared,
      displayName: 'plain',
      testRegex: ['^(?!.*(\\.alone\\.|/walks/)).*\\.test\\.ts$'],
    },
    // they change for good what others stand on: the language, the clock, the storage of the page
    { ...isolated, displayName: 'alone', testRegex: ['\\.alone\\.test\\.tsx?$'] },
  ],
  testSequencer: '<rootDir>/scripts/jest/slowestFirst.cjs',
  workerIdleMemoryLimit: '1GB',
  maxWorkers: 2,
};
