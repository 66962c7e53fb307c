export default {
  testEnvironment: 'node',
  // Else a core is kept for the parent, which only waits: half of a machine with two.
  maxWorkers: '100%',
  roots: ['<rootDir>/core', '<rootDir>/server', '<rootDir>/app', '<rootDir>/modules', '<rootDir>/tests/unit'],
  testMatch: ['**/*.test.ts'],
  transform: { '^.+\\.ts$': ['@swc/jest', { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' } }] },
  transformIgnorePatterns: ['/node_modules/(?!pure-rand|nanoid)'],
  modulePathIgnorePatterns: ['<rootDir>/.output', '<rootDir>/.nuxt'],
}
