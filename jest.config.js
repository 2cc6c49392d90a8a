/** What the engines ask for most. Handed to each module: to look one up in a test's own world costs many times what it does outside. */
const AT_HAND = ['Array', 'Float64Array', 'Infinity', 'Map', 'Math', 'Number', 'Object', 'Set', 'String'];

const node = (name) => ({
  displayName: name,
  rootDir: `${__dirname}/packages/${name}`,
  testEnvironment: 'node',
  sandboxInjectedGlobals: AT_HAND,
  testMatch: ['<rootDir>/src/**/*.test.ts', '<rootDir>/tests/**/*.test.ts'],
  transform: { '\\.[jt]sx?$': ['@swc/jest', { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' } }] },
});

/** One run for every package: pure code under plain Node, what is drawn under jest-expo. */
module.exports = {
  // Never a measure of speed: a busy machine may need long to start a server.
  testTimeout: 60_000,
  // Every core: the usual one fewer leaves half of a small machine idle.
  maxWorkers: '100%',
  projects: [
    node('core'),
    node('words'),
    node('contracts'),
    node('demo'),
    node('server'),
    node('app'),
    {
      displayName: 'app, drawn',
      preset: 'jest-expo/ios',
      rootDir: `${__dirname}/packages/app`,
      testMatch: ['<rootDir>/src/**/*.test.tsx'],
      // The chart packages are modules first; here their other build is taken.
      moduleNameMapper: {
        '^(d3-[a-z-]+|internmap)$': '<rootDir>/../../node_modules/$1/dist/$1.js',
        // Keys are a browser's: its tests press them.
        '^react-hotkeys-hook$': `${__dirname}/packages/app/tests/no-keys.ts`,
      },
    },
  ],
};
