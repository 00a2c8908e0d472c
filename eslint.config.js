const { defineConfig } = require('eslint/config');
const expo = require('eslint-config-expo/flat');
const jsdoc = require('eslint-plugin-jsdoc');

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

/** Whoever inherits the heart finds every name explained, and no call of six arguments in a row. */
const coreIsExplained = {
  files: ['src/core/**/*.ts'],
  ignores: ['**/*.test.ts', 'src/core/tests/**', '**/*.d.ts'],
  plugins: { jsdoc },
  rules: {
    'max-params': ['error', 5],
    'jsdoc/require-jsdoc': [
      'error',
      {
        publicOnly: true,
        require: { FunctionDeclaration: true, ClassDeclaration: true },
        contexts: [
          'ExportNamedDeclaration > TSInterfaceDeclaration',
          'ExportNamedDeclaration > TSTypeAliasDeclaration',
          'ExportNamedDeclaration > VariableDeclaration',
        ],
        enableFixer: false,
      },
    ],
  },
};

/**
 * What people read stands in src/words (decision 3): a screen holds no sentence, and no word in what is read out or shown. Signs such as
 * "·" are no words.
 */
const wordsStandApart = {
  files: ['src/{app,features,ui}/**/*.{ts,tsx}'],
  ignores: ['**/*.test.*', 'src/ui/theme/theme-css.ts'],
  rules: {
    'react/jsx-no-literals': [
      'error',
      {
        noStrings: true,
        ignoreProps: true,
        allowedStrings: [
          '·',
          ', ',
          '. ',
          ': ',
          ':',
          ',',
          '.',
          ' ',
          '–',
          '→',
          '×',
          '✓',
          '',
          '›',
          '‹',
          '+',
          '(',
          ')',
          ' · ',
        ],
      },
    ],
    'no-restricted-syntax': [
      'error',
      {
        // Two words side by side, or one with a capital and a stop: nothing else in a screen looks so.
        selector:
          'Literal[value=/^[^<>{}]*[A-Za-z’]{2,}[,.:;?!]? +[a-z’]{2,}/]:not(ImportDeclaration > Literal):not(ThrowStatement Literal)',
        message: 'What people read stands in src/words.',
      },
      {
        // What is shown or read out by name.
        selector:
          'JSXAttribute[name.name=/^(label|title|says|none|placeholder|aria-label|heading|word|hint)$/] > Literal[value=/[A-Za-z]/]',
        message: 'What people read stands in src/words.',
      },
      {
        selector: 'TemplateElement[value.raw=/[A-Za-z’]{2,}[,.:;?!]? +[a-z’]{2,}/]',
        message: 'What people read stands in src/words.',
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
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      // The compiler says so itself, and arrows and circles are looked at by .dependency-cruiser.cjs: both took most of the time here.
      'import/namespace': 'off',
      eqeqeq: 'error',
      // A type made from a description is given its name so: errors and hovers then say "Bay".
      '@typescript-eslint/no-empty-object-type': [
        'error',
        { allowInterfaces: 'with-single-extends' },
      ],
    },
  },
  coreStaysPure,
  coreIsExplained,
  wordsStandApart,
  // `fc.assert` is how fast-check is meant to be read.
  {
    files: ['**/*.test.ts', 'src/**/tests/**'],
    rules: { 'import/no-named-as-default-member': 'off' },
  },
]);
