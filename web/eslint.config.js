import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

const literal = '/#[0-9a-fA-F]{3,8}\\b|\\brgba?\\(|\\b\\d+(\\.\\d+)?(px|rem|em)\\b/';

export default tseslint.config(
  { ignores: ['src/api/schema.d.ts', 'node_modules'] },
  ...tseslint.configs.strict,
  hooks.configs.flat.recommended,
  {
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      'max-lines': ['error', { max: 200, skipBlankLines: true, skipComments: true }],
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
              group: ['**/features/*/*', '../*/*Page', '../../features/*'],
              message: 'Features do not reach into each other.',
            },
          ],
        },
      ],
      'no-restricted-syntax': [
        'error',
        {
          selector: `Literal[value=${literal}]`,
          message: 'Colours and sizes come from the theme.',
        },
        {
          selector: `TemplateElement[value.raw=${literal}]`,
          message: 'Colours and sizes come from the theme.',
        },
      ],
    },
  },
);
