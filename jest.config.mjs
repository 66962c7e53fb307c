export default {
  testEnvironment: 'node',
  roots: ['<rootDir>/core', '<rootDir>/server', '<rootDir>/app', '<rootDir>/modules', '<rootDir>/tests/unit'],
  testMatch: ['**/*.test.ts'],
  transform: { '^.+\\.ts$': ['@swc/jest', { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' } }] },
  transformIgnorePatterns: ['/node_modules/(?!pure-rand|nanoid)'],
  modulePathIgnorePatterns: ['<rootDir>/.output', '<rootDir>/.nuxt'],
}
