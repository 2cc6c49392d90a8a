import type { Handler } from '../../http/handler';
import { Streamed } from '../../http/streamed';
import { bundleParts, bundleText } from '../../transfer/export-bundle';

/** Everything of the studio, sent as it is read, from one moment of the database however long that takes. */
export const exportStudio: Handler<'exportStudio'> = ({ caller }, context) =>
  Promise.resolve(
    new Streamed((take) =>
      context.db.snapshot(caller.studioId, async (scope) => {
        const parts = await bundleParts(scope, context.clock.now());
        await take(parts.rows, bundleText(parts));
      }),
    ),
  );
