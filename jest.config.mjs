import nextJest from 'next/jest.js';

const createConfig = nextJest({ dir: './' });

export default createConfig({
  testEnvironment: 'node',
  // On two cores Jest would use one of them.
  maxWorkers: '100%',
  testTimeout: 60_000,
  testMatch: ['<rootDir>/tests/(core|devices|store|ui|cli|workers)/**/*.test.ts'],
  setupFiles: ['<rootDir>/tests/support/seeds.ts'],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
});
