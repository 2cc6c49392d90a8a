import { buildDemo, buildServer } from './lib/build-server.mjs';
import { buildWeb } from './lib/build-web.mjs';
import { ensurePackages } from './lib/packages.mjs';

/** `npm run build`: everything built, nothing started. Prints where it lies. */
await ensurePackages();
for (const built of [await buildWeb(), await buildServer(), await buildDemo()]) console.log(built);
