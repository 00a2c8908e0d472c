const alias = {
  '^@/(.*)$': '<rootDir>/src/$1',
  '^@react-native-async-storage/async-storage$': '@react-native-async-storage/async-storage/jest',
};

/** `core`: plain functions, no browser. `ui`: anything with React, storage or the words on a screen. */
module.exports = {
  projects: [
    {
      displayName: 'core',
      testEnvironment: 'node',
      setupFiles: ['<rootDir>/src/core/tests/setup.ts'],
      testMatch: ['<rootDir>/{src/core,src/words,cli,demo,server,scripts}/**/*.test.ts'],
      moduleNameMapper: alias,
    },
    {
      preset: 'jest-expo/web',
      displayName: 'ui',
      setupFiles: ['<rootDir>/src/ui/jest-setup.js'],
      testMatch: ['<rootDir>/src/{app,features,store,ui,workers}/**/*.test.{ts,tsx}'],
      moduleNameMapper: alias,
    },
  ],
};
