/**
 * What is drawn again with every tap and beat of the floor is kept by the React compiler. Only there: what it compiles may
 * read nothing that changes outside React while it draws, and it makes the first load bigger.
 */
const COMPILED = /\/src\/(features\/live|ui|charts|figures)\//;

module.exports = (api) => {
  api.cache(true);
  return { presets: [['babel-preset-expo', { 'react-compiler': { sources: (file) => COMPILED.test(file) } }]] };
};
