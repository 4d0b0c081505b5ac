import base from './jest.config.js';

/** Only the tests of the folder that is mutated. */
export default {
  ...base,
  roots: [`<rootDir>/src/core/${process.env.RIPENUM_MUTATED ?? 'ruling'}`],
  setupFiles: [],
  maxWorkers: 1,
};
