// @ts-check
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** Folders of core, in the order in which they may import: each only from those before it. */
const coreOrder = [
  ...['values', 'statistics', 'calendar', 'formula', 'labels', 'table', 'preparation', 'frame'],
  ...[
    'measures',
    'derived',
    'gaps',
    'arrangements',
    'dials',
    'yardsticks',
    'conditions',
    'standouts',
    'chart',
    'paths',
    'series',
    'rules',
  ],
  ...['spells', 'pace', 'notes', 'reading'],
];

/** What each part of the house may not import. */
const closed = {
  core: ['contract', 'server', 'web', 'demo', 'tools'],
  contract: ['server', 'web', 'demo', 'tools'],
  server: ['web', 'tools'],
  web: ['server', 'demo', 'tools'],
  demo: ['contract', 'server', 'web', 'tools'],
};

/** Neighbours use a folder's door, its index. */
const doors = {
  regex: '^(\\.\\./)+core/[a-z]+/.+',
  message: 'Use the door of the folder: its index.',
};
const deepNeighbour = {
  regex: '^\\.\\./(?!core/|\\.\\./)[a-z]+/(?!.*\\.(css|json)$).+',
  message: 'Use the door of the neighbouring folder: its index.',
};

/** @param {keyof typeof closed} name */
const part = (name) => ({
  regex: `^(\\.\\./)+(${closed[name].join('|')})(/|$)`,
  message: `${name} may not know this part of the house.`,
});

/**
 * @param {{ regex: string, message: string }[]} patterns
 * @returns {import('eslint').Linter.RulesRecord}
 */
const noImports = (patterns) => ({ 'no-restricted-imports': ['error', { patterns }] });

export default tseslint.config(
  { ignores: ['dist', 'node_modules', '.data', '.test-data', 'server/database/migrations'] },
  ...tseslint.configs.strict,
  {
    files: ['**/*.{ts,tsx}'],
    languageOptions: {
      parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname },
    },
    rules: {
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/consistent-type-imports': ['error', { disallowTypeAnnotations: false }],
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_' },
      ],
      '@typescript-eslint/no-invalid-void-type': 'off',
      'max-lines-per-function': ['error', { max: 125, skipBlankLines: true }],
    },
  },
  {
    files: ['web/**/*.tsx', 'web/**/*.ts'],
    plugins: { 'react-hooks': hooks },
    rules: { ...hooks.configs.recommended.rules },
  },
  ...Object.keys(closed).map((name) => ({
    files: [`${name}/**/*.{ts,tsx}`],
    rules: noImports([part(/** @type {keyof typeof closed} */ (name)), doors, deepNeighbour]),
  })),
  {
    files: ['core/**/*.ts'],
    ignores: ['core/**/*.test.ts'],
    rules: {
      'no-restricted-globals': ['error', 'window', 'document', 'process', 'Buffer', 'fetch'],
    },
  },
  ...coreOrder.map((folder, place) => ({
    files: [`core/${folder}/**/*.ts`],
    rules: noImports([
      part('core'),
      deepNeighbour,
      {
        regex: '^(react|react-dom|antd|plotly|express|mysql2|drizzle-orm|node:)',
        message: 'core is TypeScript only.',
      },
      ...coreOrder.slice(place + 1).map((later) => ({
        regex: `^\\.\\./${later}(/|$)`,
        message: `${folder} comes before ${later} in core.`,
      })),
    ]),
  })),
  { files: ['core/**/*.test.ts'], rules: { 'no-restricted-imports': 'off' } },
  {
    // Lists of like entries, read from top to bottom.
    files: ['web/api/api.ts', 'demo/board.ts', '**/*.test.ts', 'e2e/**'],
    rules: { 'max-lines-per-function': 'off' },
  },
);
