/** @type {import('jest').Config} */
const common = {
  testEnvironment: 'node',
  extensionsToTreatAsEsm: ['.ts'],
  transform: {
    '^.+\\.ts$': [
      '<rootDir>/../scripts/jest-transform.mjs',
      {
        swcrc: false,
        jsc: { target: 'es2023', parser: { syntax: 'typescript' } },
        module: { type: 'es6' },
        sourceMaps: 'inline',
      },
    ],
  },
  modulePathIgnorePatterns: ['/dist/'],
};

export default {
  // By default one processor is left idle, which on two is half of them.
  maxWorkers: '100%',
  // Generous: a shared machine may stand still for seconds, and a slow answer is not a wrong one.
  testTimeout: 90_000,
  projects: [
    { ...common, displayName: 'core', rootDir: 'core' },
    { ...common, displayName: 'web', rootDir: 'web' },
    {
      ...common,
      displayName: 'server',
      rootDir: 'server',
      globalSetup: '<rootDir>/../scripts/jest-database-up.mjs',
      globalTeardown: '<rootDir>/../scripts/jest-database-down.mjs',
    },
  ],
};
