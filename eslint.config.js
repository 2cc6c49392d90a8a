const typescript = require('@typescript-eslint/eslint-plugin');
const expo = require('eslint-config-expo/flat');

/** Where types are asked too: the heart, the wire and the server. */
const STRICT = ['packages/{core,words,contracts,server}/src/**/*.ts'];
const APP = ['packages/app/src/**/*.{ts,tsx}'];
const typed = { languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: __dirname } } };

const strict = typescript.configs['flat/strict-type-checked'].map(({ plugins: _, ...config }) => config);

/** Where words of our own would stand: between tags, and in what an element is called. */
const NAMED = 'JSXAttribute[name.name=/^(label|title|says|placeholder|help|text|aria-label)$/]';
const WORDED = [
  'JSXText[value=/[A-Za-z]/]',
  `${NAMED} > Literal[value=/[A-Za-z]/]`,
  `${NAMED} > JSXExpressionContainer > Literal[value=/[A-Za-z]/]`,
  `${NAMED} > JSXExpressionContainer > ConditionalExpression > Literal[value=/[A-Za-z]/]`,
  `${NAMED} > JSXExpressionContainer > TemplateLiteral > TemplateElement[value.raw=/[A-Za-z]{2}/]`,
];

/** Expo's own rules, and a few of ours. */
module.exports = [
  {
    ignores: [
      '**/node_modules/**',
      '**/dist/**',
      '.cache/**',
      '.drubo/**',
      '**/.expo/**',
      'test-results/**',
      'playwright-report/**',
    ],
  },
  ...expo,
  {
    files: ['**/*.{ts,tsx,mjs,js}'],
    rules: {
      'no-empty': ['error', { allowEmptyCatch: false }],
      eqeqeq: ['error', 'always'],
      'prefer-const': 'error',
      // fast-check and zod are read as namespaces.
      'import/no-named-as-default-member': 'off',
    },
  },
  {
    files: ['**/*.{ts,tsx}'],
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_+$' }],
      '@typescript-eslint/consistent-type-imports': 'error',
    },
  },
  ...strict.map((config) => ({ ...config, files: STRICT, ignores: ['**/*.test.ts'] })),
  {
    files: STRICT,
    ignores: ['**/*.test.ts'],
    ...typed,
    rules: {
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-confusing-void-expression': [
        'error',
        { ignoreArrowShorthand: true, ignoreVoidReturningFunctions: true },
      ],
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_+$' }],
      // It takes rows of a table that is not named yet for empty ones.
      '@typescript-eslint/no-generated-empty-object-type': 'off',
    },
  },
  { files: APP, ignores: ['**/*.test.*'], ...typed, rules: { '@typescript-eslint/no-floating-promises': 'error' } },
  {
    files: ['*.config.js', 'packages/app/*.js', 'tools/*.cjs'],
    languageOptions: { globals: { __dirname: 'readonly', require: 'readonly', module: 'writable' } },
  },
  {
    // Playwright hands its fixtures on with `use` and wants them destructured; nothing here is React or Expo.
    files: ['e2e/**/*.ts'],
    rules: { 'react-hooks/rules-of-hooks': 'off', 'no-empty-pattern': 'off', 'expo/no-dynamic-env-var': 'off' },
  },
  {
    // One room for colours, one package for words: everywhere else they come by their name.
    files: ['packages/app/src/**/*.{ts,tsx}'],
    ignores: ['packages/app/src/theme/**', '**/*.test.*'],
    rules: {
      'no-restricted-syntax': [
        'error',
        { selector: 'Literal[value=/^#[0-9a-fA-F]{3,8}$/]', message: 'Colours come from the palette.' },
        ...WORDED.map((selector) => ({ selector, message: 'Words come from @drubo/words.' })),
      ],
    },
  },
  {
    // The heart has no clock, no chance and no outside world of its own.
    files: ['packages/core/src/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': ['error', 'window', 'document', 'fetch', 'process', 'setTimeout', 'setInterval', 'localStorage'],
      'no-restricted-properties': ['error', { object: 'Math', property: 'random' }, { object: 'Date', property: 'now' }],
      'no-restricted-syntax': [
        'error',
        { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: 'Time is given from outside.' },
      ],
    },
  },
];
