import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

const colour = '/#[0-9a-fA-F]{3,8}\\b|\\brgba?\\(/';
const size = '/\\b\\d+(\\.\\d+)?(px|rem|em)\\b/';
const forbid = (what, message) => [
  { selector: `Literal[value=${what}]`, message },
  { selector: `TemplateElement[value.raw=${what}]`, message },
];
const COLOURS = forbid(colour, 'Colours come from the theme.');
const SIZES = forbid(size, 'Sizes come from the theme, columns from the styles beside the page.');

export default tseslint.config(
  { ignores: ['src/api/schema.d.ts', 'node_modules', '*.config.*'] },
  ...tseslint.configs.strict,
  hooks.configs.flat.recommended,
  {
    languageOptions: {
      parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname },
    },
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      // No promise of a write is dropped: what refuses it must be said.
      '@typescript-eslint/no-floating-promises': ['error', { ignoreVoid: false }],
      '@typescript-eslint/no-misused-promises': 'error',
      'max-lines': ['error', { max: 200, skipBlankLines: true, skipComments: true }],
      'max-lines-per-function': ['error', { max: 80, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    files: ['src/features/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: ['**/features/*/*', '../*/*Page', '../../features/*', '../../app/*'],
              message: 'Features reach into the api and the ui, not into each other or upwards.',
            },
          ],
        },
      ],
      'no-restricted-syntax': [
        'error',
        ...COLOURS,
        ...SIZES,
        {
          selector: 'CallExpression[callee.property.name="toFixed"]',
          message: 'Numbers are written as the kitchen writes them: show.fixed.',
        },
        {
          selector: 'JSXAttribute[name.name="sx"] ObjectExpression[properties.length>2]',
          message: 'More than two: a primitive of the ui, or styles beside the page.',
        },
      ],
    },
  },
  {
    files: ['src/features/**/*.styles.ts'],
    rules: { 'no-restricted-syntax': ['error', ...COLOURS] },
  },
);
