import nextJest from 'next/jest.js';

const createConfig = nextJest({ dir: './' });

export default createConfig({
  testEnvironment: 'node',
  testTimeout: 30_000,
  testMatch: ['<rootDir>/tests/(core|devices|store|ui|cli)/**/*.test.ts'],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
});
