import withNuxt from './.nuxt/eslint.config.mjs'

const layer = (what, group) => ({ group, message: `core/ computes; it imports nothing of ${what}.` })

export default withNuxt(
  { ignores: ['dist/**', 'server/assets/**', 'server/database/migrations/**'] },
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      'vue/multi-word-component-names': 'off',
      'vue/html-self-closing': 'off',
      'vue/block-order': ['error', { order: ['script', 'template', 'style'] }],
    },
  },
  {
    // One thought fits on one screen. A search algorithm that needs more says why where it stands.
    name: 'sizes',
    files: ['**/*.ts', '**/*.vue', '**/*.mjs'],
    ignores: ['**/*.test.ts', 'tests/**', 'scripts/ordeal/**'],
    rules: {
      'max-lines-per-function': ['error', { max: 70, skipBlankLines: true, skipComments: true }],
      'max-lines': ['error', { max: 300, skipBlankLines: true, skipComments: true }],
      complexity: ['error', 20],
    },
  },
  {
    name: 'layers/core',
    files: ['core/**/*.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            layer('the interface', [
              'vue',
              'vue-*',
              '@vue/*',
              '@vueuse/*',
              'pinia',
              '@pinia/*',
              '@nuxt/*',
              'nuxt',
              'nuxt/*',
              '#app',
              '#imports',
              '~/*',
              '@/*',
              '**/app/**',
            ]),
            layer('the server', [
              'h3',
              'nitropack',
              'nitropack/*',
              '**/server/**',
              '#server/*',
              'node:*',
              'fs',
              'path',
            ]),
            layer('a database', ['drizzle-orm', 'drizzle-orm/*', '@electric-sql/*', 'postgres', 'pg']),
          ],
        },
      ],
      'no-restricted-globals': ['error', 'window', 'document', 'navigator', 'localStorage', 'fetch', 'process'],
    },
  },
  {
    name: 'layers/core-tests',
    files: ['core/**/*.test.ts'],
    rules: { 'no-restricted-imports': 'off' },
  },
)
