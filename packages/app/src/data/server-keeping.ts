import { COVERED_HEADER, EPOCH_HEADER, SERVER_TIME_HEADER } from '@drubo/contracts';

/** What the server last said of how it keeps what it receives. */
export interface ServerKeeping {
  /** Which life of the server answered; null before it was told. */
  epoch: string | null;
  /** Its time when it answered, ISO 8601. */
  answeredAt: string | null;
  /** Everything it had received by then is in a copy that was looked through; null while there is none. */
  coveredUntil: string | null;
}

const NOTHING_SAID: ServerKeeping = { epoch: null, answeredAt: null, coveredUntil: null };
let said = NOTHING_SAID;

/** Notes what an answer says of it; an answer of something else says nothing. */
export const noteServerKeeping = (headers: Headers): void => {
  const epoch = headers.get(EPOCH_HEADER);
  if (epoch === null) return;
  said = { epoch, answeredAt: headers.get(SERVER_TIME_HEADER), coveredUntil: headers.get(COVERED_HEADER) };
};

export const serverKeeping = (): ServerKeeping => said;
