const HEX_BYTES = 16;

/** A random id. From getRandomValues, because randomUUID is missing over plain http on a LAN address. */
export const newId = (): string =>
  [...globalThis.crypto.getRandomValues(new Uint8Array(HEX_BYTES))].map((byte) => byte.toString(16).padStart(2, '0')).join('');
