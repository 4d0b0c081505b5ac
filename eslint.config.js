import js from '@eslint/js';
import reactHooks from 'eslint-plugin-react-hooks';
import { defineConfig, globalIgnores } from 'eslint/config';
import tseslint from 'typescript-eslint';

const nodeGlobals = {
  document: 'readonly',
  performance: 'readonly',
  process: 'readonly',
  Buffer: 'readonly',
  console: 'readonly',
  fetch: 'readonly',
  requestAnimationFrame: 'readonly',
  setTimeout: 'readonly',
  URL: 'readonly',
  module: 'writable',
};

const NO_ACTS = {
  regex: '/store$',
  importNames: ['perform', 'revise'],
  message: 'Name the act in a file without markup, such as stations/store/storeActs.ts.',
};
const NO_RECORDS = {
  regex: '/data/(useWorkspaceModel|useHarvest|useExpectation|useRuleSets)$|/db$',
  message: 'The controller of this view finds it.',
};
const NO_ADDRESS = {
  group: ['react-router'],
  importNames: ['useParams', 'useNavigate', 'useSearchParams'],
  message: 'The controller of this view knows the address.',
};

export default defineConfig(
  globalIgnores(['dist', '.stryker-tmp', 'test-results', 'playwright-report', 'public']),
  js.configs.recommended,
  {
    files: ['**/*.{js,mjs,cjs}'],
    languageOptions: { globals: nodeGlobals },
  },
  {
    files: ['**/*.{ts,tsx}'],
    extends: [tseslint.configs.recommendedTypeChecked],
    languageOptions: { parserOptions: { projectService: true } },
    rules: {
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-misused-promises': [
        'error',
        { checksVoidReturn: { attributes: false } },
      ],
      '@typescript-eslint/switch-exhaustiveness-check': 'error',
      'max-lines': ['error', { max: 300, skipBlankLines: true, skipComments: true }],
      'max-params': ['error', 4],
      // a field left out of the rest is meant
      '@typescript-eslint/no-unused-vars': ['error', { ignoreRestSiblings: true }],
    },
  },
  {
    // Nothing waits for anything in these tests: what lint knows of types is about promises and `any`.
    files: ['src/{core,model,records}/**/*.test.ts', 'src/{core,model,records}/test/*.ts'],
    extends: [tseslint.configs.disableTypeChecked],
    rules: { '@typescript-eslint/switch-exhaustiveness-check': 'off' },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'max-lines': ['error', { max: 200, skipBlankLines: true, skipComments: true }],
      'max-lines-per-function': ['error', { max: 60, skipBlankLines: true, skipComments: true }],
      'no-restricted-globals': ['error', 'Date'],
      'no-restricted-properties': ['error', { object: 'Math', property: 'random' }],
    },
  },
  {
    // A list of what a layer gives out, of a call of each, or of sentences is as long as it is.
    files: [
      'src/core/index.ts',
      'src/records/index.ts',
      'src/core/test/everyCall.ts',
      'src/app/words/english/*.ts',
    ],
    rules: { 'max-lines': 'off' },
  },
  {
    // These rules compile every file they are given; only here are there components and hooks.
    files: ['src/app/**/*.tsx', 'src/**/use*.ts', 'src/**/hooks.ts'],
    // (a test hands its hooks to a page that calls them)
    ignores: ['**/*.test.tsx', 'src/app/test/**'],
    extends: [reactHooks.configs.flat.recommended],
    // The React Compiler is not used; its advice on watch() does not apply.
    rules: { 'react-hooks/incompatible-library': 'off' },
  },
  {
    files: ['src/app/**/*.tsx'],
    rules: {
      'max-lines-per-function': ['error', { max: 150, skipBlankLines: true, skipComments: true }],
      // What is done with records has a name and a test of its own, in a file without markup.
      'no-restricted-imports': ['error', { patterns: [NO_ACTS] }],
    },
  },
  {
    // A view shows what its controller found: it reads no records and no address, and goes nowhere.
    files: ['src/app/stations/**/*View.tsx'],
    rules: { 'no-restricted-imports': ['error', { patterns: [NO_ACTS, NO_RECORDS, NO_ADDRESS] }] },
  },
);
