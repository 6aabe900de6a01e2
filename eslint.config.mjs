import expo from 'eslint-config-expo/flat.js';
import prettier from 'eslint-config-prettier';
import tseslint from '@typescript-eslint/eslint-plugin';

const noAmbient = (object, property, message) => ({ object, property, message });

/** Casts that hide a type: parse at the edge instead, or say in a disabling comment why not. */
const hidingCasts = [
  {
    selector: 'TSAsExpression > TSNeverKeyword.typeAnnotation',
    message: '`as never` hides a type: two live faults hid behind it.',
  },
  { selector: 'TSAsExpression > TSAnyKeyword.typeAnnotation', message: '`as any` hides a type.' },
  {
    selector: 'TSAsExpression > TSAsExpression.expression > TSUnknownKeyword.typeAnnotation',
    message: '`as unknown as` hides a type.',
  },
];
// A name for a whole file (export * as x) hides nothing: src/chunks puts features together so.
const noStars = {
  selector: 'ExportAllDeclaration[exported=null]',
  message: 'Import the file itself: no star exports.',
};

/** Font files are assets: Metro knows them through require(). */
const fonts = {
  files: ['src/ui/theme/font-files.ts'],
  rules: { '@typescript-eslint/no-require-imports': 'off' },
};

export default [
  ...expo,
  prettier,
  {
    ignores: [
      'dist/**',
      'dist-*/**',
      'bundler/nothing.js',
      'reports/**',
      '.stryker-tmp/**',
      '.expo/**',
      'test-results/**',
      'playwright-report/**',
    ],
  },
  {
    files: ['**/*.{ts,tsx,mts}'],
    plugins: { '@typescript-eslint': tseslint },
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      // A record's schema and its type share a name on purpose.
      '@typescript-eslint/no-redeclare': 'off',
      'import/no-named-as-default-member': 'off',
      // The type checker knows better, and half the time went there.
      'import/namespace': 'off',
      'import/no-unresolved': 'off',
      'no-restricted-syntax': ['error', noStars, ...hidingCasts],
    },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['src/core/**/*.{test,test-tool}.ts'],
    rules: {
      'no-restricted-properties': [
        'error',
        noAmbient('Date', 'now', 'Time is an argument in core.'),
        noAmbient('Math', 'random', 'Randomness comes from a seed in core.'),
        noAmbient('performance', 'now', 'Time is an argument in core.'),
      ],
      'no-restricted-globals': ['error', 'window', 'document', 'localStorage', 'crypto', 'process'],
      'no-restricted-syntax': [
        'error',
        {
          selector: "NewExpression[callee.name='Date'][arguments.length=0]",
          message: 'Time is an argument in core.',
        },
        noStars,
        ...hidingCasts,
      ],
      'max-lines': ['error', { max: 250, skipBlankLines: true, skipComments: true }],
      'max-lines-per-function': ['error', { max: 60, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    files: ['src/{app,features,ui}/**/*.tsx'],
    ignores: ['**/*.test.tsx', 'src/ui/theme/**'],
    rules: {
      'max-lines': ['error', { max: 150 }],
      'no-restricted-syntax': [
        'error',
        {
          selector: 'Literal[value=/^#[0-9A-Fa-f]{3,8}$/]',
          message: 'Colours come from ui/theme.',
        },
        noStars,
        ...hidingCasts,
      ],
    },
  },
  {
    files: ['src/{app,features}/**/*.tsx'],
    ignores: ['**/*.test.tsx', 'src/app/_layout.tsx'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          paths: [
            { name: 'react-native-paper', message: 'Controls come from ui/controls.' },
            {
              name: 'react-native',
              allowImportNames: [
                'View',
                'StyleSheet',
                'Image',
                'useColorScheme',
                'ViewStyle',
                'TextStyle',
                'StyleProp',
              ],
              message: 'Controls come from ui/controls; layout is View and StyleSheet.',
            },
          ],
        },
      ],
      'react/forbid-elements': ['error', { forbid: ['input', 'button', 'textarea', 'select', 'dialog'] }],
    },
  },
  fonts,
  { files: ['**/*.test-tool.js'], languageOptions: { globals: { jest: 'readonly' } } },
  {
    // The one file with a top-level await; its types are checked by tsc.
    ignores: ['server/server.mts', 'cli/*.mts'],
  },
];
