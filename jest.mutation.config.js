import { isolated } from './jest.config.js';

const folder = process.env.RIPENUM_MUTATED ?? 'ruling';

/** Tests of a folder of the core that stand elsewhere, since they need what the core may not know. */
const ELSEWHERE = {
  blending: ['src/workers/planBlend.test.ts', 'src/workers/everyPlan.test.ts'],
};

/** Only the tests of the folder that is mutated; each run with modules of its own. */
export default {
  ...isolated,
  roots: ['<rootDir>/src'],
  testMatch: [`src/core/${folder}/**/*.test.ts`, ...(ELSEWHERE[folder] ?? [])].map(
    (path) => `<rootDir>/${path}`,
  ),
  setupFiles: [],
  maxWorkers: 1,
};
