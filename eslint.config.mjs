import nextVitals from 'eslint-config-next/core-web-vitals';
import prettier from 'eslint-config-prettier';
import regexp from 'eslint-plugin-regexp';
import tseslint from 'typescript-eslint';
import { catalogIds } from './scripts/lint/catalogIds.mjs';
import { ownNames } from './scripts/lint/ownNames.mjs';

/** Folders that a layer may not import from; dependency-cruiser checks dynamic imports as well. */
const forbid = (...folders) => ({
  'no-restricted-imports': [
    'error',
    { patterns: folders.map((folder) => ({ regex: `(^|/)${folder}(/|$)` })) },
  ],
});

/** Words stand in the catalogue; these attributes carry words too. */
const WORDY_ATTRIBUTES = '/^(aria-label|title|placeholder|alt|label)$/';

const config = [
  {
    ignores: [
      '.next/**',
      'node_modules/**',
      'next-env.d.ts',
      'test-results/**',
      '.stamps/**',
      'public/service-worker.js',
    ],
  },
  ...nextVitals,
  ...tseslint.configs.recommended,
  prettier,
  {
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_' },
      ],
      eqeqeq: 'error',
      // A named type that follows from a value: its name is what errors tell.
      '@typescript-eslint/no-empty-object-type': [
        'error',
        { allowInterfaces: 'with-single-extends' },
      ],
    },
  },
  {
    // No pattern takes longer than its text: texts come from files and fields.
    files: ['{app,core,demo,files,store,ui,workers}/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}'],
    plugins: { regexp },
    rules: {
      'regexp/no-super-linear-backtracking': ['error', { report: 'potential' }],
      'regexp/no-super-linear-move': ['error', { report: 'potential' }],
    },
  },
  {
    files: ['app/**/*.tsx', 'ui/**/*.tsx'],
    ignores: ['**/*.test.tsx'],
    rules: {
      'react/jsx-no-literals': [
        'error',
        { noStrings: true, ignoreProps: true, allowedStrings: [' ', '·'] },
      ],
      'no-restricted-syntax': [
        'error',
        {
          selector: `JSXAttribute[name.name=${WORDY_ATTRIBUTES}] > Literal`,
          message: 'Words stand in words/en.json.',
        },
      ],
    },
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: forbid('words', 'ui', 'app', 'store', 'files', 'react', 'dexie', 'joi', 'next'),
  },
  {
    files: ['store/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: forbid('words', 'ui', 'app', 'files'),
  },
  { files: ['files/**/*.ts'], ignores: ['**/*.test.ts'], rules: forbid('ui', 'app', 'store') },
  { files: ['ui/**/*.{ts,tsx}'], ignores: ['**/*.test.tsx'], rules: forbid('app') },
  {
    files: ['ui/**/*.{ts,tsx}'],
    ignores: ['ui/files/untilAnswered.ts'],
    rules: {
      '@typescript-eslint/no-restricted-imports': [
        'error',
        {
          paths: [
            {
              name: 'comlink',
              importNames: ['proxy'],
              message: 'What a worker tells may come after its answer: ask with untilAnswered.',
            },
          ],
        },
      ],
    },
  },
  {
    files: ['{app,core,demo,files,store,ui,workers}/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}', 'core/kernel/typed/own.ts'],
    languageOptions: { parserOptions: { projectService: true } },
    plugins: { agrologos: { rules: { 'own-names': ownNames } } },
    rules: { 'agrologos/own-names': 'error' },
  },
  {
    files: ['{app,core,files,store,ui,workers}/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}', 'core/catalog/**'],
    plugins: { catalog: { rules: { 'no-ids': catalogIds } } },
    rules: { 'catalog/no-ids': 'error' },
  },
  {
    files: ['e2e/**/*.ts', 'published/**/*.ts'],
    rules: { '@typescript-eslint/no-non-null-assertion': 'off' },
  },
];
export default config;
