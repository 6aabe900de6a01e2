// One zone for every run, and one where an hour comes twice in autumn.
process.env.TZ = 'Europe/Lisbon';

const web = require('jest-expo/web/jest-preset');
const { watchPlugins, ...webPreset } = web;

const patience = '<rootDir>/scripts/patience.test-tool.js';
const alias = { '^@/(.*)$': '<rootDir>/src/$1' };

module.exports = {
  projects: [
    {
      displayName: 'core',
      testEnvironment: 'node',
      testMatch: [
        '<rootDir>/src/{core,demo,languages,workers,words}/**/*.test.ts',
        '<rootDir>/{cli,server}/**/*.test.ts',
      ],
      transform: {
        '\\.m?[jt]sx?$': ['babel-jest', { caller: { name: 'metro', bundler: 'metro', platform: 'web' } }],
      },
      transformIgnorePatterns: [
        'node_modules/(?!(d3-|internmap|date-fns|cookie|intl-messageformat|@formatjs)).*',
      ],
      setupFilesAfterEnv: [patience],
      moduleNameMapper: alias,
      moduleFileExtensions: ['ts', 'tsx', 'mts', 'mjs', 'js', 'json'],
    },
    {
      ...webPreset,
      displayName: 'ui',
      setupFilesAfterEnv: [...(webPreset.setupFilesAfterEnv ?? []), patience],
      testMatch: ['<rootDir>/src/{ui,features,store,app}/**/*.test.{ts,tsx}'],
      transform: { ...webPreset.transform, '\\.mjs$': webPreset.transform['\\.[jt]sx?$'] ?? 'babel-jest' },
      transformIgnorePatterns: [
        '/node_modules/(?!(\\.pnpm|react-native|@react-native|@react-native-community|expo|@expo|react-navigation|@react-navigation|d3-|internmap|date-fns))',
      ],
      moduleNameMapper: {
        ...webPreset.moduleNameMapper,
        ...alias,
        '^async-storage-connections$':
          '<rootDir>/node_modules/@react-native-async-storage/async-storage/lib/module/web-module/IndexedDBConnectionRegistry.js',
        '\\.woff2$': '<rootDir>/src/ui/theme/font-file.test-double.js',
      },
    },
  ],
};
