import { cpSync, existsSync, mkdirSync, readdirSync, renameSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { hashOf } from './hash.mjs';
import { CACHE, ROOT } from './paths.mjs';
import { run, say } from './run.mjs';

/** Largest file the shell keeps on a device. */
const MAX_FILE_BYTES = 8_000_000;

/** The service worker: the whole shell kept on the device, every route chunk and font, never the API. */
const addServiceWorker = async (dir) => {
  const { generateSW } = await import('workbox-build');
  const { count, size, warnings } = await generateSW({
    globDirectory: dir,
    globPatterns: ['**/*.{html,js,css,svg,ttf,png,webmanifest}'],
    // Router's own development pictures; no screen shows them.
    globIgnores: ['assets/**/expo-router/**'],
    swDest: join(dir, 'sw.js'),
    inlineWorkboxRuntime: true,
    navigateFallback: '/index.html',
    navigateFallbackDenylist: [/^\/api\//],
    dontCacheBustURLsMatching: /-[0-9a-f]{32}\.|\.[0-9a-f]{32}\./,
    maximumFileSizeToCacheInBytes: MAX_FILE_BYTES,
    cleanupOutdatedCaches: true,
    clientsClaim: true,
    skipWaiting: false,
    sourcemap: false,
  });
  if (warnings.length > 0) throw new Error(`service worker: ${warnings.join('; ')}`);
  say(`Kept on a device: ${count} files, ${Math.round(size / 1024)} kB`);
};

/** The built web app's folder, built only when its sources or packages changed. */
export const buildWeb = async () => {
  const hash = hashOf(
    ['packages/app', 'packages/core/src', 'packages/words/src', 'packages/contracts/src'],
    ['package-lock.json', 'tools/lib/build-web.mjs', 'tsconfig.base.json'],
  );
  const root = join(CACHE, 'web');
  const dir = join(root, hash);
  if (existsSync(join(dir, 'sw.js'))) return dir;
  say('Building the web app (about two minutes)');
  const unfinished = join(root, `${hash}.part`);
  rmSync(unfinished, { recursive: true, force: true });
  mkdirSync(root, { recursive: true });
  await run('npx', ['expo', 'export', '-p', 'web', '--output-dir', unfinished], {
    cwd: join(ROOT, 'packages/app'),
    env: {
      CI: '1',
      EXPO_OFFLINE: '1',
      EXPO_NO_TELEMETRY: '1',
      EXPO_UNSTABLE_TREE_SHAKING: '1',
      EXPO_UNSTABLE_METRO_OPTIMIZE_GRAPH: '1',
    },
  });
  // The exporter skips the public folder when its target lies under a hidden one; the page itself is its own doing.
  const publicDir = join(ROOT, 'packages/app/public');
  cpSync(publicDir, unfinished, { recursive: true, filter: (file) => !file.endsWith('index.html') });
  await addServiceWorker(unfinished);
  for (const old of readdirSync(root).filter((name) => name !== `${hash}.part`))
    rmSync(join(root, old), { recursive: true, force: true });
  renameSync(unfinished, dir);
  return dir;
};
