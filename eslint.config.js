import js from '@eslint/js';
import { defineConfig, globalIgnores } from 'eslint/config';
import prettier from 'eslint-config-prettier';
import reactHooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import tseslint from 'typescript-eslint';

/** The folders of core from the ground up: each imports from those before it alone, so that no two import each other. */
const layers = [
  'geometry', 'units', 'text', 'input', 'measures', 'rules', 'workings', 'pieces', 'findings', 'lay', 'worked-out', 'checks',
  'chalk', 'drafting', 'garment', 'sketch', 'parts', 'styles', 'shop', 'slate', 'recut', 'words', 'formats', 'messages', 'testing',
]; // prettier-ignore

/** The same inside of two folders that are large. */
const families = {
  lay: ['model', 'no-fit', 'search', 'fold', 'buy', 'proof', 'plan', 'hand'],
  'drafting/operations': ['edges', 'darts', 'panels', 'pieces'],
};

const outside = { group: ['node:*', '@ample-bolt/server*', '@ample-bolt/web*'], message: 'core stays pure' };

/** Forbids imports of the folders that `up`, a pattern, leads to. */
const forbids = (folder, later, up) =>
  later.map((each) => ({ regex: `^${up}${each}/`, message: `${folder} lies below ${each}` }));

const holdsTo = (folder, patterns) => ({
  files: [`core/src/${folder}/**/*.ts`],
  ignores: ['**/*.test.ts'],
  rules: { 'no-restricted-imports': ['error', { patterns: [outside, ...patterns] }] },
});

const after = (folders, folder) => folders.slice(folders.indexOf(folder) + 1);

const layered = [
  ...layers.map((folder) => holdsTo(folder, forbids(folder, after(layers, folder), '(\\.\\./)+'))),
  ...Object.entries(families).flatMap(([folder, inner]) => {
    const [top, ...rest] = folder.split('/');
    const upToLayers = `(\\.\\./){${rest.length + 2}}`;
    return inner.map((family) =>
      holdsTo(`${folder}/${family}`, [
        ...forbids(family, after(inner, family), '\\.\\./'),
        ...forbids(top, after(layers, top), upToLayers),
      ]),
    );
  }),
];

/** A feature of the server is entered by its index, knows nothing of where things are kept, and is not known there. */
const servedApart = [
  {
    files: ['server/src/features/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            { regex: '/db/', message: 'services take their stores' },
            { regex: '^sequelize$', message: 'services take their stores' },
            { regex: '^\\.\\./[a-z-]+/(?!index\\.ts$)', message: 'another feature is entered by its index' },
          ],
        },
      ],
    },
  },
  {
    files: ['server/src/{db,stores,http,jobs,drafting}/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        { patterns: [{ regex: '/features/', message: 'lies below the features' }] },
      ],
    },
  },
];

const pureCore = {
  'no-restricted-globals': [
    'error',
    ...['process', 'Buffer', 'window', 'document', 'fetch', 'performance', 'setTimeout'].map((name) => ({
      name,
      message: 'core has no side effects; pass what it needs as an argument',
    })),
  ],
  'no-restricted-properties': [
    'error',
    { object: 'Math', property: 'random', message: 'use a seeded generator' },
    { object: 'Date', property: 'now', message: 'core has no clock' },
  ],
};

/** What a name is, not how it is spelt, says what an edge or a piece is; places in a loop are the loop's own business. */
const byName = {
  'no-restricted-syntax': [
    'error',
    {
      selector:
        'CallExpression[callee.property.name=/^(includes|startsWith|endsWith|replace|match|search)$/][callee.object.name=/^(id|[a-z]+Id)$/]',
      message: 'an id is compared as a whole; what it stands for is told by part, face, panel or role',
    },
    {
      selector:
        'CallExpression[callee.property.name=/^(includes|startsWith|endsWith|replace|match|search)$/][callee.object.property.name="id"]',
      message: 'an id is compared as a whole; what it stands for is told by part, face, panel or role',
    },
    {
      selector:
        'CallExpression[callee.property.name="at"][callee.object.property.name="edges"], CallExpression[callee.property.name="at"][callee.object.name="edges"]',
      message: 'edges are addressed by name, or as neighbours (geometry/loop)',
    },
    {
      selector:
        'MemberExpression[computed=true][object.property.name="edges"], CallExpression[callee.property.name="slice"][callee.object.property.name="edges"]',
      message: 'edges are addressed by name, or as neighbours (geometry/loop)',
    },
    {
      selector:
        'VariableDeclarator[id.type="ArrayPattern"][init.type="MemberExpression"][init.property.name="edges"]',
      message: 'edges are addressed by name, or as neighbours (geometry/loop)',
    },
  ],
};

export default defineConfig(
  globalIgnores(['**/dist', 'data', 'test-results', 'node_modules']),
  js.configs.recommended,
  {
    files: ['**/*.{ts,tsx}'],
    extends: [tseslint.configs.recommendedTypeChecked],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/switch-exhaustiveness-check': 'error',
      '@typescript-eslint/no-explicit-any': 'error',
      'max-lines': ['error', { max: 350, skipBlankLines: true, skipComments: true }],
    },
  },
  { files: ['web/**/*.{ts,tsx}'], extends: [reactHooks.configs.flat.recommended] },
  {
    files: ['web/**/*.tsx'],
    ignores: ['**/*.test.tsx'],
    rules: {
      'max-lines-per-function': ['error', { max: 120, skipBlankLines: true, skipComments: true }],
    },
  },
  { files: ['core/src/**/*.ts'], ignores: ['**/*.test.ts'], rules: pureCore },
  ...layered,
  ...servedApart,
  {
    files: ['core/src/**/*.ts'],
    ignores: ['**/*.test.ts', 'core/src/testing/**'],
    rules: {
      'max-lines-per-function': ['error', { max: 60, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    files: ['core/src/**/*.ts'],
    ignores: ['**/*.test.ts', 'core/src/geometry/**', 'core/src/testing/**'],
    rules: byName,
  },
  { files: ['**/*.{js,mjs}'], languageOptions: { globals: globals.node } },
  prettier,
);
