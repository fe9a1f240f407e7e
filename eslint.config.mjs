import next from '@next/eslint-plugin-next'
import hooks from 'eslint-plugin-react-hooks'
import ts from 'typescript-eslint'
import wordsHaveAHome from './scripts/lint/words-have-a-home.mjs'

export default ts.config(
  { ignores: ['.next/**', 'node_modules/**', 'public/sw.js', 'next-env.d.ts', '.data/**', 'test-results/**'] },
  ...ts.configs.recommended,
  {
    files: ['**/*.{ts,tsx}'],
    plugins: { '@next/next': next },
    rules: {
      ...next.configs.recommended.rules,
      ...next.configs['core-web-vitals'].rules,
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true }],
      '@typescript-eslint/no-unused-expressions': ['error', { allowShortCircuit: true, allowTernary: true }],
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      eqeqeq: 'error',
      'no-console': 'error',
      // An id is put together and taken apart in one place: core/machine/ids, core/job/outcomes, core/job/notice.
      'no-restricted-syntax': [
        'error',
        {
          selector: "CallExpression[callee.property.name='split'] > Literal[value=/^[:|]$/]",
          message: 'Ids and outcomes are read by their codec, not cut apart.',
        },
      ],
      'max-len': ['error', { code: 140, ignoreStrings: true, ignoreTemplateLiterals: true, ignoreRegExpLiterals: true }],
      // A module that exports `then` is taken for a promise where it is imported on demand, and never comes.
      'no-restricted-exports': ['error', { restrictedNamedExports: ['then'] }],
    },
  },
  {
    // Every function of a file is looked at as if it were a component: only where there are some.
    files: ['src/{app,client,features,ui}/**/*.{ts,tsx}', 'src/words/**/*.tsx'],
    plugins: { 'react-hooks': hooks },
    rules: { ...hooks.configs.recommended.rules, 'react-hooks/set-state-in-effect': 'off' },
  },
  {
    files: ['src/{app,features,ui}/**/*.tsx'],
    plugins: { nailsmith: { rules: { 'words-have-a-home': wordsHaveAHome } } },
    rules: { 'nailsmith/words-have-a-home': 'error' },
  },
  {
    files: ['**/*.test.ts', '**/*.test.tsx', 'tests/**', 'e2e/**'],
    rules: {
      '@typescript-eslint/no-explicit-any': 'off',
      '@typescript-eslint/no-unused-expressions': 'off',
      'no-restricted-syntax': 'off',
    },
  },
  { files: ['scripts/**', 'bench/**', 'proof/**'], rules: { 'no-console': 'off' } },
  { files: ['**/*.mjs', 'src/client/service-worker.js'], rules: { '@typescript-eslint/no-unused-vars': 'error' } },
)
