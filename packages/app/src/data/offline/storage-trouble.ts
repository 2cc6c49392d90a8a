/** What a trainer is told when this device could not keep a write: what is wrong, and what to do. */
export const storageTrouble = (error: unknown): string => {
  if (error instanceof Error && error.name === 'QuotaExceededError') {
    return 'Not logged: this device is full. Free some space, or save what waits as a file (tap the mark above), then log it again. What stood here before is safe.';
  }
  return `Not logged: this device could not keep it (${error instanceof Error ? error.message : 'storage failed'}). Try again.`;
};
