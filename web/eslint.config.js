import js from '@eslint/js'
import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import tseslint from 'typescript-eslint'

export default tseslint.config(
  { ignores: ['dist', 'dist-pocket', 'target', 'node_modules', 'src/shared/api/schema.ts'] },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  ...vue.configs['flat/recommended'],
  {
    languageOptions: {
      parserOptions: { parser: tseslint.parser, extraFileExtensions: ['.vue'] },
    },
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
      'vue/component-api-style': ['error', ['script-setup']],
      'vue/define-props-declaration': ['error', 'type-based'],
      'vue/define-emits-declaration': ['error', 'type-based'],
      'no-undef': 'off',
    },
  },
  {
    // One room a step of the work: what two of them need stands in shared, which knows none of them.
    files: ['src/features/**', 'src/shared/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              regex: '^(@/|(\\.\\./)+)features/',
              message: 'Features do not import features; put what is shared into @/shared.',
            },
            {
              regex: '^(\\.\\./){2,}',
              message: 'That leaves the feature; put what is shared into @/shared.',
            },
          ],
        },
      ],
    },
  },
  prettier,
)
