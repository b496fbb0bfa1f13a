const shared = {
  transform: {
    '^.+\\.m?[jt]sx?$': ['@swc/jest', { jsc: { transform: { react: { runtime: 'automatic' } } } }],
  },
  transformIgnorePatterns: [
    '/node_modules/(?!(nanoid|intl-messageformat|@formatjs|flesch-kincaid|syllable|pluralize|normalize-strings)/)',
  ],
};

/** Core, published checks and files run in plain Node; store and screens need a browser's shape. */
const config = {
  maxWorkers: '100%',
  // No test is about time: a machine that is busy with other work must not fail one.
  testTimeout: 600_000,
  projects: [
    {
      ...shared,
      displayName: 'node',
      testEnvironment: 'node',
      testMatch: [
        '<rootDir>/core/**/*.test.ts',
        '<rootDir>/published/**/*.test.ts',
        '<rootDir>/files/**/*.test.ts',
        '<rootDir>/scripts/**/*.test.ts',
        '<rootDir>/app/**/*.test.ts',
        '<rootDir>/demo/**/*.test.ts',
        '<rootDir>/test/**/*.test.ts',
      ],
    },
    {
      ...shared,
      displayName: 'browser',
      testEnvironment: '<rootDir>/test/environment.mjs',
      testMatch: ['<rootDir>/store/**/*.test.ts', '<rootDir>/ui/**/*.test.{ts,tsx}'],
      setupFilesAfterEnv: ['<rootDir>/test/setup.ts'],
    },
  ],
};
export default config;
