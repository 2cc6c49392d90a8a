import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './paths.mjs';
import { hashOf } from './hash.mjs';

/** Our own packages are bundled; everything else is left to node_modules. */
const ownPackagesOnly = {
  name: 'own-packages-only',
  setup(build) {
    build.onResolve({ filter: /^[^./]/ }, ({ path, kind }) =>
      kind === 'entry-point' || path.startsWith('@drubo/') ? undefined : { external: true },
    );
  },
};

const bundle = async (entry, name) => {
  const hash = hashOf(
    ['packages/server/src', 'packages/core/src', 'packages/words/src', 'packages/contracts/src', 'packages/demo/src'],
    ['package-lock.json', 'tools/lib/build-server.mjs'],
  );
  const outfile = join(ROOT, 'packages/server/dist', `${name}-${hash}.mjs`);
  if (existsSync(outfile)) return outfile;
  const { build } = await import('esbuild');
  await build({
    entryPoints: [join(ROOT, entry)],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    sourcemap: 'inline',
    logLevel: 'warning',
    plugins: [ownPackagesOnly],
  });
  return outfile;
};

/** The server as one file, for quick starts. */
export const buildServer = () => bundle('packages/server/src/main.ts', 'server');

/** What is done to a studio's data from a terminal. */
export const buildKeeping = () => bundle('packages/server/src/cli.ts', 'keeping');

/** The script that writes the demo studio. */
export const buildDemo = () => bundle('packages/demo/src/cli.ts', 'demo');
