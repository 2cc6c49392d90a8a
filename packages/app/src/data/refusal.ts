import type { ErrorReply } from '@drubo/contracts';
import { RefusedError } from './api';
import { dataWords } from '@drubo/words/screens/data';

const words = dataWords.refusal;

/** Fields as a form calls them, by the end of their path. */
const FIELD_WORDS: Record<string, string> = words.fieldWords;

const wordFor = (path: string): string => {
  const field = path.replace(/^body\.(fields\.|kit\.)?/, '');
  return FIELD_WORDS[field] ?? field;
};

/** A refusal in one line: what happened, then each bad field by its own name and the reason. */
export const refusalText = ({ message, fields = [] }: ErrorReply): string =>
  [message, ...fields.map(({ path, message: why }) => `${wordFor(path)} ${why}.`)].join(' ');

/** Why a write did not go through, in one line. */
export const problemOf = (error: unknown): string => {
  if (error instanceof RefusedError) return refusalText(error.reply);
  return error instanceof Error ? error.message : words.itCouldNotBe;
};
