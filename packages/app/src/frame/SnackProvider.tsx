import { createContext, useContext, useMemo, useState } from 'react';
import type { ReactNode } from 'react';
import { Portal, Snackbar } from 'react-native-paper';
import { common } from '@drubo/words/screens/common';

interface Snack {
  text: string;
  undo?: () => void;
}

const SnackContext = createContext<(snack: Snack) => void>(() => undefined);

/** Says in one line that something was done, with a way to undo it. */
export const useSnack = () => useContext(SnackContext);

const SHOWN_MS = 6_000;

/** `isQuiet`: where a snack would lie over the button a thumb is after, as on the live floor, none is shown. */
export const SnackProvider = ({ isQuiet, children }: { isQuiet: boolean; children: ReactNode }) => {
  const [snack, setSnack] = useState<Snack | null>(null);
  const show = useMemo(() => (next: Snack) => setSnack(next), []);
  return (
    <SnackContext.Provider value={show}>
      {/* Dialogs live below everything they may ask for (studio, queue, snacks) and lie over the snack. */}
      <Portal.Host>
        {children}
        <Snackbar
          visible={snack !== null && !isQuiet}
          duration={SHOWN_MS}
          onDismiss={() => setSnack(null)}
          wrapperStyle={{ bottom: 72 }}
          {...(snack?.undo ? { action: { label: common.undo, onPress: snack.undo } } : {})}
        >
          {snack?.text ?? ''}
        </Snackbar>
      </Portal.Host>
    </SnackContext.Provider>
  );
};
