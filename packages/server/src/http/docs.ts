import { describeApi } from '@drubo/contracts/openapi';
import { Router } from 'express';

const escape = (value: string): string =>
  value.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c] ?? c);

type Description = ReturnType<typeof describeApi>;

const pageOf = (description: Description): string => {
  const rows = Object.entries(description['paths'] as Record<string, Record<string, { summary: string }>>).flatMap(
    ([path, methods]) =>
      Object.entries(methods).map(
        ([method, { summary }]) =>
          `<tr><td>${method.toUpperCase()}</td><td><code>${escape(path)}</code></td><td>${escape(summary)}</td></tr>`,
      ),
  );
  return `<!doctype html><html lang="en"><meta charset="utf-8"><title>Drubo API</title>
<meta name="viewport" content="width=device-width"><body><h1>Drubo API</h1>
<p>OpenAPI 3.1 as JSON: <a href="/api/docs.json">/api/docs.json</a></p>
<table><thead><tr><th scope="col">Method</th><th scope="col">Path</th><th scope="col">What it does</th></tr></thead>
<tbody>${rows.join('\n')}</tbody></table></body></html>`;
};

/**
 * The API description as JSON at /api/docs (for `Accept: application/json`, or .json) and as a plain page. Made when first asked
 * for: it takes a third of a server's start, and most never ask.
 */
export const docs = (): Router => {
  let made: Description | null = null;
  const description = (): Description => (made ??= describeApi());
  const router = Router();
  router.get('/api/docs.json', (_request, response) => void response.json(description()));
  router.get('/api/docs', (request, response) => {
    if (request.accepts(['json', 'html']) === 'html') response.type('html').send(pageOf(description()));
    else response.json(description());
  });
  return router;
};
