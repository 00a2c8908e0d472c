const { defineConfig } = require('eslint/config');
const expo = require('eslint-config-expo/flat');

/** What the heart may not know: interface, storage, other parts of the house, clock and chance. */
const coreStaysPure = {
  files: ['src/core/**/*.ts'],
  ignores: ['**/*.test.ts'],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          {
            regex: '^(react|expo|@tanstack|@react-native)|^@/|/(ui|features|store|words|workers)/',
            message: 'src/core imports no interface, storage or other part of the house.',
          },
        ],
      },
    ],
    'no-restricted-properties': [
      'error',
      { object: 'Date', property: 'now', message: 'src/core has no clock.' },
      { object: 'Math', property: 'random', message: 'src/core has no chance.' },
    ],
    'no-restricted-syntax': [
      'error',
      {
        selector: "NewExpression[callee.name='Date'][arguments.length=0]",
        message: 'src/core has no clock.',
      },
    ],
  },
};

module.exports = defineConfig([
  { ignores: ['dist/**', 'reports/**', '.expo/**', 'public/**'] },
  expo,
  {
    files: ['**/*.{ts,tsx}'],
    rules: {
      'max-lines': ['error', 400],
      'import/no-cycle': 'error',
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      eqeqeq: 'error',
      // A type made from a description is given its name so: errors and hovers then say "Bay".
      '@typescript-eslint/no-empty-object-type': [
        'error',
        { allowInterfaces: 'with-single-extends' },
      ],
    },
  },
  coreStaysPure,
  // `fc.assert` is how fast-check is meant to be read.
  {
    files: ['**/*.test.ts', 'src/core/tests/**'],
    rules: { 'import/no-named-as-default-member': 'off' },
  },
]);
