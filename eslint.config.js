import js from '@eslint/js'
import hooks from 'eslint-plugin-react-hooks'
import { defineConfig } from 'eslint/config'
import tseslint from 'typescript-eslint'

export default defineConfig(
  { ignores: ['**/dist/**', '**/node_modules/**', '.flint/**', 'test-results/**'] },
  js.configs.recommended,
  {
    files: ['**/*.{ts,tsx}'],
    extends: [tseslint.configs.strictTypeChecked, tseslint.configs.stylisticTypeChecked],
    languageOptions: { parserOptions: { projectService: true } },
    rules: {
      '@typescript-eslint/consistent-type-imports': 'error',
      // RTK Query's own way to say that a request takes or gives nothing.
      '@typescript-eslint/no-invalid-void-type': 'off',
      '@typescript-eslint/switch-exhaustiveness-check': [
        'error',
        { considerDefaultExhaustiveForUnions: true },
      ],
      // Numbers in sentences are what this application writes.
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      // A component may hand an async action to a button.
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
      // Request classes are shapes for their readers; whoever sends one writes a plain object.
      '@typescript-eslint/no-unsafe-class-instance-assignment': 'off',
      'no-console': 'error',
    },
  },
  {
    // Answers of the server come as any; the tests say what they must hold.
    files: ['tests/api/**/*.ts'],
    rules: { '@typescript-eslint/no-unsafe-assignment': 'off' },
  },
  {
    files: ['apps/web/**/*.{ts,tsx}'],
    extends: [hooks.configs.flat['recommended-latest']],
  },
  {
    files: ['**/*.{js,mjs,cjs}'],
    languageOptions: {
      globals: {
        process: 'readonly',
        console: 'readonly',
        fetch: 'readonly',
        AbortSignal: 'readonly',
        setTimeout: 'readonly',
        clearTimeout: 'readonly',
        module: 'writable',
        URL: 'readonly',
      },
    },
  },
)
