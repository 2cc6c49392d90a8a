/** Which life of the server answers: another one once a copy was brought back. On every answer of the API. */
export const EPOCH_HEADER = 'drubo-epoch';
/** How many rows an export has, a line each. */
export const ROWS_HEADER = 'drubo-rows';
/** The server's time when it answers (ISO 8601). */
export const SERVER_TIME_HEADER = 'drubo-time';
/** Everything the server had received by then is in a copy that was looked through (ISO 8601); left out while there is none. */
export const COVERED_HEADER = 'drubo-covered-until';
