import { fileURLToPath } from 'node:url';

/** A file of this folder, from that of a project. */
const here = (name) => fileURLToPath(new URL(name, import.meta.url));

const transform = (jsc) => [
  here('scripts/jest-transform.mjs'),
  { swcrc: false, jsc: { target: 'es2023', ...jsc }, module: { type: 'es6' }, sourceMaps: 'inline' },
];

/** @type {import('jest').Config} */
const common = {
  testEnvironment: 'node',
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  transform: {
    '^.+\\.ts$': transform({ parser: { syntax: 'typescript' } }),
    '^.+\\.tsx$': transform({
      parser: { syntax: 'typescript', tsx: true },
      transform: { react: { runtime: 'automatic' } },
    }),
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
    { ...common, displayName: 'web', rootDir: 'web', setupFiles: [here('scripts/jest-dom.mjs')] },
    {
      ...common,
      displayName: 'server',
      rootDir: 'server',
      globalSetup: here('scripts/jest-database-up.mjs'),
      globalTeardown: here('scripts/jest-database-down.mjs'),
    },
  ],
};
