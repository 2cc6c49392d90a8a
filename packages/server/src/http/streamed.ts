import { once } from 'node:events';
import { ROWS_HEADER } from '@drubo/contracts';
import type { Response } from 'express';

/** Says how many rows will come, before the first of them. */
type Begin = (rows: number) => void;
type Send = (text: string) => Promise<void>;

/** A reply too big to be held at once: JSON text, sent as it is made. */
export class Streamed {
  constructor(private readonly write: (begin: Begin, send: Send) => Promise<void>) {}

  /** Sends it. What fails half way cuts the answer off: nobody takes half of it for the whole. */
  async to(response: Response): Promise<void> {
    response.type('json');
    try {
      await this.write(
        (rows) => void response.setHeader(ROWS_HEADER, rows),
        async (text) => {
          if (response.destroyed) throw new Error('whoever asked has gone');
          if (!response.write(text)) await Promise.race([once(response, 'drain'), once(response, 'close')]);
        },
      );
      response.end();
    } catch (error) {
      if (!response.headersSent) throw error;
      response.destroy();
    }
  }
}
