import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { build } from 'esbuild';
import { ROOT } from './lib/paths.mjs';

/**
 * For development only: every figure of the catalogue in three positions on one page, to be looked at.
 * `node tools/contact-sheet.mjs out.html [first letters of an id or a family]`
 */
const [out = 'contact-sheet.html', only = ''] = process.argv.slice(2);

const entry = `
import { renderToStaticMarkup } from 'react-dom/server.browser';
import { builtInCatalogue } from '@drubo/core/catalogue';
import { Figure } from './src/figures/Figure';
const wanted = builtInCatalogue.variations.filter((v) => v.id.startsWith(ONLY) || ONLY.split(',').includes(v.family));
document.body.innerHTML = wanted.map((v) => {
  let drawn;
  try { drawn = [0, 0.5, 1].map((depth) => renderToStaticMarkup(<Figure variation={v} depth={depth} width={105} height={105} />)).join(''); }
  catch (error) { drawn = '<b style="color:red">' + error.message + '</b>'; }
  return '<figure><figcaption>' + v.id + '</figcaption>' + drawn + '</figure>';
}).join('');
`;

/** The palette without the app's theme around it. */
const chalk = {
  name: 'chalk',
  setup({ onResolve, onLoad }) {
    onResolve({ filter: /theme\/use-palette$/ }, () => ({ path: 'palette', namespace: 'chalk' }));
    onLoad({ filter: /.*/, namespace: 'chalk' }, () => ({
      contents: "import { CHALK } from './src/theme/tokens'; export const usePalette = () => CHALK;",
      resolveDir: join(ROOT, 'packages/app'),
    }));
  },
};

const { outputFiles } = await build({
  plugins: [chalk],
  stdin: { contents: entry, resolveDir: join(ROOT, 'packages/app'), loader: 'tsx' },
  bundle: true,
  write: false,
  format: 'iife',
  jsx: 'automatic',
  mainFields: ['browser', 'module', 'main'],
  resolveExtensions: ['.web.tsx', '.web.ts', '.web.js', '.tsx', '.ts', '.js', '.mjs'],
  alias: { 'react-native': 'react-native-web' },
  define: { ONLY: JSON.stringify(only), 'process.env.NODE_ENV': '"production"', __DEV__: 'false', global: 'window' },
  loader: { '.js': 'jsx', '.ttf': 'dataurl', '.png': 'dataurl' },
  logLevel: 'error',
});
const style =
  'body{display:flex;flex-wrap:wrap;gap:4px;margin:4px;background:#fff;font:11px sans-serif}figure{margin:0;border:1px solid #ddd;width:320px}figcaption{padding:1px 4px}';
writeFileSync(
  out,
  `<!doctype html><style>${style}</style><body></body><script>${outputFiles[0].text.replaceAll('</script', '<\\/script')}</script>`,
);
