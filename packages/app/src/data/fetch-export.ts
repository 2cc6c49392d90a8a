import { endpoints, ROWS_HEADER } from '@drubo/contracts';
import { failureOf, UnreachableError } from './api';

const NEW_LINE = 10;

/**
 * The studio's export, as it arrives: a big one takes longer than any other call may. `onShare`: how much is here, 0 to 1; a row
 * is a line of it. Throws `RefusedError` or `UnreachableError`; half a file is none.
 */
export const fetchExport = async (onShare: (share: number) => void): Promise<Blob> => {
  const response = await fetch(endpoints.exportStudio.path).catch(() => {
    throw new UnreachableError();
  });
  if (!response.ok) throw failureOf(response.status, await response.json().catch(() => null));
  const rows = Number(response.headers.get(ROWS_HEADER) ?? 0);
  const pieces: BlobPart[] = [];
  let lines = 0;
  const reader = response.body?.getReader();
  for (;;) {
    const next = await reader?.read().catch(() => {
      throw new UnreachableError();
    });
    if (!next || next.done) break;
    pieces.push(next.value);
    for (const byte of next.value) if (byte === NEW_LINE) lines += 1;
    onShare(rows > 0 ? Math.min(1, lines / rows) : 1);
  }
  return new Blob(pieces, { type: 'application/json' });
};
