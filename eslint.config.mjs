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

export default tseslint.config(
  { ignores: ['dist', 'node_modules', '.data', '.test-data', 'server/database/migrations'] },
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
