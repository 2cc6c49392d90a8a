const node = (name) => ({
  displayName: name,
  rootDir: `${__dirname}/packages/${name}`,
  testEnvironment: 'node',
  testMatch: ['<rootDir>/src/**/*.test.ts', '<rootDir>/tests/**/*.test.ts'],
  transform: { '\\.[jt]sx?$': ['@swc/jest', { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' } }] },
});

/** One run for every package: pure ones under plain Node, the app under jest-expo. */
module.exports = {
  projects: [node('core'), node('contracts'), node('demo'), node('server')],
};
