import { join } from 'node:path';
import express, { Router } from 'express';

const YEAR_MS = 365 * 86_400_000;

/** Serves the built web app; every address that is not a file is the app's own to route. */
export const webApp = (dir: string): Router => {
  const router = Router();
  // Bundled files carry a hash of their contents in their name; the rest must be asked for again.
  router.use('/_expo', express.static(join(dir, '_expo'), { immutable: true, maxAge: YEAR_MS, fallthrough: false }));
  router.use('/assets', express.static(join(dir, 'assets'), { immutable: true, maxAge: YEAR_MS, fallthrough: false }));
  router.use(express.static(dir, { cacheControl: false, setHeaders: (r) => void r.setHeader('Cache-Control', 'no-cache') }));
  router.get('/{*path}', (_request, response) => {
    response.setHeader('Cache-Control', 'no-cache');
    // By its root, because a hidden folder somewhere above it is not the visitor's business.
    response.sendFile('index.html', { root: dir });
  });
  return router;
};
