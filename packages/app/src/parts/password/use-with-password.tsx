import { useState } from 'react';
import type { ReactNode } from 'react';
import { RefusedError } from '../../data/api';
import { PasswordDialog } from './PasswordDialog';

/** Whether the server wants the password given again before it does something. */
const asksPassword = (error: unknown): boolean => error instanceof RefusedError && error.reply.code === 'confirm-password';

/**
 * For what leaves the house or is gone for good: does it, and where the server wants the password first, asks for it and does
 * it then. `dialog` has to be drawn; any other failure is the caller's to show.
 */
export const useWithPassword = (): { withPassword(work: () => Promise<void>): Promise<void>; dialog: ReactNode } => {
  const [pending, setPending] = useState<(() => Promise<void>) | null>(null);
  const withPassword = async (work: () => Promise<void>) => {
    try {
      await work();
    } catch (error) {
      if (!asksPassword(error)) throw error;
      setPending(() => work);
    }
  };
  const dialog = pending && (
    <PasswordDialog
      onConfirmed={async () => {
        await pending();
        setPending(null);
      }}
      onNo={() => setPending(null)}
    />
  );
  return { withPassword, dialog };
};
