import nextJest from 'next/jest.js';

const createConfig = nextJest({ dir: './' });

export default createConfig({
  testEnvironment: 'node',
  testMatch: ['<rootDir>/tests/(core|store|ui|cli)/**/*.test.ts'],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
});
