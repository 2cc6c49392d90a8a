import type { MethodId } from './training';

/** Questions good trainers answer differently, with their answers; the first is what Drubo does unless told otherwise. */
export const SCHOOLS = {
  progress: ['reserve-led', 'range-then-load', 'two-for-two', 'straight-line'],
  rest: ['by-goal', 'short', 'long'],
  effort: ['reserve', 'until-form-ends'],
  knees: ['free', 'limited'],
  foot: ['whole', 'heels'],
  back: ['flat', 'held-rounding', 'tuck'],
  box: ['brush', 'sit'],
  grip: ['palms-back', 'one-each-way', 'straps'],
  rack: ['fingers', 'crossed', 'straps'],
  order: ['prep-first', 'straight-in'],
} as const satisfies Record<string, readonly string[]> & { progress: readonly MethodId[] };

export type SchoolId = keyof typeof SCHOOLS;
export const SCHOOL_IDS = Object.keys(SCHOOLS) as readonly SchoolId[];

/** What a trainer chose for a person; a question left out has its first answer. */
export type Schools = { [Id in SchoolId]?: (typeof SCHOOLS)[Id][number] | undefined };
