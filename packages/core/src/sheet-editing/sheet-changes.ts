import { changesBetween } from '../composer';
import type { SheetChange } from '../composer';
import type { DraftSheet } from './types';

/**
 * Everything that differs between two versions of a sheet, its frame first: shape, day, what today is for, minutes and
 * place, then what goes, comes and changes. None: they are the same to whoever trains by them.
 */
export const sheetChanges = (before: DraftSheet, after: DraftSheet): SheetChange[] => [
  ...(before.shape === after.shape ? [] : [{ kind: 'shape' as const, from: before.shape, to: after.shape }]),
  ...(after.splitDay === null || before.splitDay === after.splitDay ? [] : [{ kind: 'day' as const, to: after.splitDay }]),
  ...(before.intent === after.intent ? [] : [{ kind: 'intent' as const, from: before.intent, to: after.intent }]),
  ...(before.minutesBudget === after.minutesBudget
    ? []
    : [{ kind: 'minutes' as const, from: before.minutesBudget, to: after.minutesBudget }]),
  ...(before.kitId === after.kitId ? [] : [{ kind: 'place' as const, toKitId: after.kitId }]),
  ...changesBetween(before, after),
];
