import { formatMass } from '../format';
import { GOAL_LABELS } from '../labels';
import type { Goal, MassUnit } from '@drubo/core/vocabulary';
import { inSentence } from '../in-sentence';

/** Parts of sentences that several groups share. */
export const set = (setIndex: number): string => `set ${setIndex + 1}`;
export const goal = (id: Goal): string => inSentence(GOAL_LABELS[id]);
export const load = (kg: number, unit: MassUnit): string => (kg === 0 ? 'bodyweight' : formatMass(kg, unit));
/** The subject of what every set did. */
export const allSets = (count: number): string => (count === 1 ? 'The one set' : `All ${count} sets`);

/** The same text as the beginning of a sentence. */
export const sentence = (text: string): string => `${text[0]?.toUpperCase() ?? ''}${text.slice(1)}`;
