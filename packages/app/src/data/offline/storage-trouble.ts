import { dataWords } from '@drubo/words/screens/data';

const words = dataWords.storageTrouble;
/** What a trainer is told when this device could not keep a write: what is wrong, and what to do. */
export const storageTrouble = (error: unknown): string => {
  if (error instanceof Error && error.name === 'QuotaExceededError') {
    return words.notLoggedThisDevice;
  }
  return words.notLoggedThisDeviceCould(error instanceof Error ? error.message : words.storageFailed);
};
