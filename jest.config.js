const ROOTS = ['<rootDir>/src', '<rootDir>/demo', '<rootDir>/gallery'];

/** Suites that change for good what others stand on: the language, the clock, the storage of the page. */
const ALONE = '\\.alone\\.test\\.tsx?$';
const PAGES = '/walks/|\\.test\\.tsx$';

/**
 * Suites that share the modules of a process, as the parts of an application do: what they import is read
 * once, not once for each of them.
 */
const shared = {
  roots: ROOTS,
  runner: 'jest-light-runner/child-process',
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  setupFiles: ['fake-indexeddb/auto'],
};

/** A suite with modules and globals of its own. */
export const isolated = {
  testEnvironment: 'node',
  roots: ROOTS,
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  setupFiles: ['fake-indexeddb/auto'],
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
  projects: [
    {
      ...shared,
      displayName: 'pages',
      testRegex: [PAGES],
      testPathIgnorePatterns: [ALONE],
      setupFiles: [...shared.setupFiles, '<rootDir>/scripts/jest/page.mjs'],
    },
    {
      ...shared,
      displayName: 'plain',
      testRegex: '\\.test\\.ts$',
      testPathIgnorePatterns: [ALONE, PAGES],
    },
    { ...isolated, displayName: 'alone', testRegex: ALONE },
  ],
  testSequencer: '<rootDir>/scripts/jest/slowestFirst.cjs',
  testTimeout: 30_000,
  workerIdleMemoryLimit: '1GB',
  maxWorkers: 2,
};
