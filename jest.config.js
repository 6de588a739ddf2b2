/** @type {import('jest').Config} */
const base = {
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  testEnvironment: 'node',
  // Copies that the mutants are tried in.
  modulePathIgnorePatterns: ['<rootDir>/.flint/'],
  transform: {
    '^.+\\.tsx?$': [
      '@swc/jest',
      {
        jsc: {
          parser: { syntax: 'typescript', tsx: true, decorators: true },
          transform: {
            legacyDecorator: true,
            decoratorMetadata: false,
            useDefineForClassFields: false,
            react: { runtime: 'automatic' },
          },
          target: 'es2022',
          experimental: { keepImportAttributes: true },
        },
        module: { type: 'es6' },
      },
    ],
  },
}

export default {
  // Long enough for a busy machine: what is to be quick says so by itself.
  testTimeout: 300_000,
  projects: [
    {
      ...base,
      displayName: 'unit',
      testMatch: [
        '<rootDir>/{packages,apps}/**/src/**/*.test.{ts,tsx}',
        '<rootDir>/tests/rules/*.test.ts',
      ],
    },
    { ...base, displayName: 'api', testMatch: ['<rootDir>/tests/api/**/*.test.ts'] },
    { ...base, displayName: 'soak', testMatch: ['<rootDir>/tests/soak/**/*.test.ts'] },
    { ...base, displayName: 'house', testMatch: ['<rootDir>/tests/house/**/*.test.ts'] },
  ],
}
