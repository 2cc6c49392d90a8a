import type { SheetInput } from './types';

/** Whether somebody asked for a movement. */
export const isWanted = ({ chips = [] }: SheetInput, variationId: string): boolean =>
  chips.some((chip) => chip.kind === 'wants' && chip.variationId === variationId);
