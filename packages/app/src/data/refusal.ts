import type { ErrorReply } from '@drubo/contracts';

/** A refusal in one line: what happened, then each bad field by its own name and the reason. */
export const refusalText = ({ message, fields = [] }: ErrorReply): string =>
  [message, ...fields.map(({ path, message: why }) => `${path.replace(/^body\.(fields\.|kit\.)?/, '')} ${why}.`)].join(' ');
