import type { ErrorReply } from '@drubo/contracts';
import { RefusedError } from './api';

/** Fields as a form calls them, by the end of their path. */
const FIELD_WORDS: Record<string, string> = {
  'scope.families': 'Movements cleared',
  about: 'About',
  on: 'The date',
  until: 'Until',
  since: 'Since when',
  askedOn: 'The day it was asked',
  side: 'This side',
  severity: 'How sore',
  massKg: 'Body mass',
  heightCm: 'Height',
  birthYear: 'Year of birth',
  'pressure.systolic': 'The upper number',
  'pressure.diastolic': 'The lower number',
  'surgery.procedure': 'What was done',
  'surgery.on': 'When',
  'contact.name': 'Whom to call',
  'contact.phone': 'Phone',
  text: 'The note',
  version: 'Its version',
  why: 'Why',
  variationId: 'This movement',
  loadKg: 'The load',
  reps: 'Reps',
  rungId: 'This stage',
};

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
  return error instanceof Error ? error.message : 'It could not be kept. Try again.';
};
