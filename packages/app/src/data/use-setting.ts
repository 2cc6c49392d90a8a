import { useSyncExternalStore } from 'react';
import { onSettings } from './settings';

/** A choice of this device as it stands now, drawn again when it changes. `read` gives the same value until then. */
export const useSetting = <T extends string | boolean | null>(read: () => T): T => useSyncExternalStore(onSettings, read);
