import nextVitals from 'eslint-config-next/core-web-vitals';
import nextTypescript from 'eslint-config-next/typescript';
import prettier from 'eslint-config-prettier';

const config = [
  {
    ignores: ['.next/**', '.next-second/**', 'node_modules/**', 'next-env.d.ts', 'test-results/**'],
  },
  ...nextVitals,
  ...nextTypescript,
  prettier,
  {
    rules: {
      eqeqeq: ['error', 'always'],
      'no-console': 'error',
      'max-lines': ['warn', { max: 350, skipBlankLines: true, skipComments: true }],
      'import/no-default-export': 'off',
    },
  },
  {
    files: ['src/core/**'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector:
            'VariableDeclarator > Identifier TSTypeReference[typeName.name="Record"] > TSTypeParameterInstantiation > TSStringKeyword:first-child',
          message:
            'A plain object that is asked with any text also answers to “constructor”: use byName.',
        },
      ],
    },
  },
  {
    files: ['src/ui/**', 'src/screens/**', 'src/app/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          paths: [
            {
              name: 'next/dynamic',
              message:
                'A part that does not come is asked for again only by later (ui/late/later).',
            },
            {
              name: 'react',
              importNames: ['lazy'],
              message:
                'A part that does not come is asked for again only by later (ui/late/later).',
            },
          ],
        },
      ],
    },
  },
  {
    files: ['scripts/**', 'bin/**', '*.cjs'],
    rules: { 'no-console': 'off', '@typescript-eslint/no-require-imports': 'off' },
  },
];

export default config;
