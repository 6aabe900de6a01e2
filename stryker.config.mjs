import jest from './jest.config.js';

/** Small faults are put into src/core, and the tests must notice: see docs/testing.md. Folders are chosen by scripts/mutate.mjs. */
const core = jest.projects.find(({ displayName }) => displayName === 'core');

export default {
  testRunner: 'jest',
  plugins: ['@stryker-mutator/jest-runner'],
  jest: {
    projectType: 'custom',
    config: {
      ...core,
      testEnvironment: '@stryker-mutator/jest-runner/jest-env/node',
      testMatch: (process.env.MUTATE_TESTS ?? 'src/core/**/*.test.ts')
        .split(' ')
        .map((place) => `<rootDir>/${place}`),
      testPathIgnorePatterns: (process.env.MUTATE_SKIP ?? 'node_modules').split(' '),
    },
    enableFindRelatedTests: false,
  },
  coverageAnalysis: 'perTest',
  // Words and the texts of refusals are not numbers.
  mutator: { excludedMutations: ['StringLiteral', 'Regex'] },
  ignoreStatic: true,
  dryRunTimeoutMinutes: 20,
  timeoutMS: 6000,
  timeoutFactor: 2,
  concurrency: 2,
  tempDirName: '.stryker-tmp',
  ignorePatterns: [
    'dist',
    'docs',
    'e2e',
    'test-results',
    'reports',
    'src/features',
    'src/ui',
    'src/app',
    '.expo',
  ],
  reporters: ['json', 'clear-text', 'progress-append-only'],
  clearTextReporter: { reportTests: false, reportMutants: true, reportScoreTable: false, allowColor: false },
};
