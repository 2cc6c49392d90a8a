import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { ROWS_HEADER } from '@drubo/contracts';
import type { Response } from 'express';

/** Takes a text piece by piece, and says first how many rows it has; resolves once all of it is sent. */
type Take = (rows: number, text: AsyncIterable<string>) => Promise<void>;

/** A reply too big to be held at once: JSON text, sent as it is made. */
export class Streamed {
  constructor(private readonly give: (take: Take) => Promise<void>) {}

  /** Sends it. What fails half way cuts the answer off: nobody takes half of it for the whole. */
  async to(response: Response): Promise<void> {
    try {
      await this.give((rows, text) => {
        response.type('json').setHeader(ROWS_HEADER, rows);
        return pipeline(Readable.from(text), response);
      });
    } catch (error) {
      if (!response.headersSent) throw error;
      // Whoever asked has gone, or has to see that this is not all of it.
      response.destroy();
    }
  }
}
