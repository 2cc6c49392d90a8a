/** Small choices of this device. Where storage is closed off (private windows), they last until reload. */
const memory = new Map<string, string>();
const PREFIX = 'drubo-';
const listeners = new Set<() => void>();

export const readSetting = (name: string): string | null => {
  try {
    return globalThis.localStorage.getItem(PREFIX + name);
  } catch {
    return memory.get(name) ?? null;
  }
};

export const writeSetting = (name: string, value: string | null): void => {
  if (value === null) memory.delete(name);
  else memory.set(name, value);
  try {
    if (value === null) globalThis.localStorage.removeItem(PREFIX + name);
    else globalThis.localStorage.setItem(PREFIX + name, value);
  } catch {
    // Kept in memory above; nothing that matters is stored here.
  }
  listeners.forEach((listener) => listener());
};

/** Calls back whenever a setting is written in this tab; gives a way to call it off. */
export const onSettings = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => void listeners.delete(listener);
};
