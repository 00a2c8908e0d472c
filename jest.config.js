const alias = {
  '^@/(.*)$': '<rootDir>/src/$1',
  '^@react-native-async-storage/async-storage$': '@react-native-async-storage/async-storage/jest',
};

/** Tests of the core run as they are written, not rewritten for browsers: a fifth less time. */
const forNode = {
  configFile: false,
  presets: [['@babel/preset-env', { targets: { node: 'current' } }], '@babel/preset-typescript'],
};

/** Test files have globals of their own, which are slow to look up: a loop that asks for `Math` takes four times as long. */
const quickly = [
  'Math',
  'Array',
  'Float64Array',
  'JSON',
  'Map',
  'Number',
  'Object',
  'Set',
  'String',
];

/** `core`: plain functions, no browser. `server`: what runs beside them. `ui`: anything with React, storage or the words on a screen. */
module.exports = {
  projects: [
    {
      displayName: 'core',
      testEnvironment: 'node',
      setupFiles: ['<rootDir>/src/core/tests/setup.ts'],
      sandboxInjectedGlobals: quickly,
      transform: { '\\.[jt]s$': ['babel-jest', forNode] },
      testMatch: ['<rootDir>/{src/core,src/words,cli,demo}/**/*.test.ts'],
      moduleNameMapper: alias,
    },
    {
      displayName: 'server',
      testEnvironment: 'node',
      transform: { '\\.[jt]s$': ['babel-jest', forNode] },
      testMatch: ['<rootDir>/{server,scripts}/**/*.test.ts'],
      moduleNameMapper: alias,
    },
    {
      preset: 'jest-expo/web',
      displayName: 'ui',
      sandboxInjectedGlobals: quickly,
      setupFiles: ['<rootDir>/src/ui/jest-setup.js'],
      testMatch: ['<rootDir>/src/{*.test.ts,{app,features,store,ui,workers}/**/*.test.{ts,tsx}}'],
      moduleNameMapper: alias,
    },
  ],
};
