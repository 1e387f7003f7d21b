// @ts-check
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** A literal within a literal is written plainly: a spread there only hides how long a list is. */
const plainLiterals = [
  'ObjectExpression > SpreadElement > ObjectExpression',
  'ArrayExpression > SpreadElement > ArrayExpression',
  'ArrayExpression > SpreadElement > TSAsExpression > ArrayExpression',
].map((selector) => ({
  selector,
  message: 'Write what the literal holds in place of the spread.',
}));

/**
 * What the control library has is taken from it.
 * @param {string} elements
 * @param {string} message
 */
const bare = (elements, message) => ({
  selector: `JSXOpeningElement[name.name=/^(${elements})$/]`,
  message,
});
const bareFields = bare(
  'select|input|textarea|dialog|details|progress|meter',
  'Take the control from web/controls, or from web/hands where a dashboard is read.',
);
const bareTables = bare('table', 'Take DataTable from web/controls.');
const bareButtons = bare('button', 'Take Button or Act from web/controls or web/hands.');
const ownMenus = {
  selector: 'JSXAttribute[name.name="role"][value.value=/^menu/]',
  message: 'Take Menu from web/controls or web/hands.',
};

export default tseslint.config(
  {
    ignores: [
      'dist',
      'node_modules',
      '.data',
      '.test-data',
      '.test-cluster',
      'server/database/migrations',
    ],
  },
  ...tseslint.configs.strict,
  { rules: { 'no-restricted-syntax': ['error', ...plainLiterals] } },
  {
    // Nothing in core waits, which no type has to tell: it is half of all code.
    files: ['**/*.{ts,tsx}'],
    ignores: ['core/**'],
    languageOptions: {
      parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname },
    },
    rules: { '@typescript-eslint/no-floating-promises': 'error' },
  },
  {
    files: ['**/*.{ts,tsx}'],
    rules: {
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
  {
    files: ['web/**/*.tsx'],
    rules: {
      'no-restricted-syntax': [
        'error',
        ...plainLiterals,
        bareFields,
        bareTables,
        bareButtons,
        ownMenus,
      ],
    },
  },
  {
    // By hand: what lies on the picture or moves it, phrases of sentences, and the figures.
    files: [
      'web/plot/**/*.tsx',
      'web/pointing/**/*.tsx',
      'web/dashboard/{ArrangeBoard,SheetTitle}.tsx',
      'web/controls/Phrase.tsx',
      'web/bench/{Sentence,ListRow}.tsx',
    ],
    rules: {
      'no-restricted-syntax': ['error', ...plainLiterals, bareFields, bareTables, ownMenus],
    },
  },
  {
    files: ['web/figures/**/*.tsx'],
    rules: { 'no-restricted-syntax': ['error', ...plainLiterals, bareFields, ownMenus] },
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['core/**/*.test.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'process',
        'Buffer',
        'fetch',
        'Promise',
      ],
      'no-restricted-syntax': [
        'error',
        ...plainLiterals,
        { selector: ':function[async=true]', message: 'Nothing in core waits.' },
      ],
    },
  },
  {
    // Lists of like entries, read from top to bottom.
    files: ['web/api/api.ts', 'demo/board.ts', '**/*.test.ts', 'e2e/**'],
    rules: { 'max-lines-per-function': 'off' },
  },
);
