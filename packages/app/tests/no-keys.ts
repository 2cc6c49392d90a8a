/** Stands in for the key bindings where screens are drawn without a browser: nobody presses a key there. */
export const useHotkeys = (): void => undefined;
