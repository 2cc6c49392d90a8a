import type { CarefulCause, HealthTopic, LimitId } from '../vocabulary';
import type { PersonLimit } from './limit-on';

/** Ages at which growing and ageing bodies are loaded more slowly. Common practice, no source. */
export const CAREFUL_AGES = { under: 18, from: 65 } as const;

const BY_LIMIT: Partial<Record<LimitId, CarefulCause>> = {
  pregnancy: 'pregnancy',
  'recent-birth': 'birth-within-year',
  'fragile-bones': 'fragile-bones',
  'heart-pressure-stroke-cleared': 'heart-or-pressure',
  'blood-pressure-raised': 'heart-or-pressure',
};

/**
 * Why a person's loads rise by one small step and only after two clean sessions, whatever the movement; empty: nothing.
 * A limit on an area makes its own movements careful besides. Unknown age is no cause; health nobody asked about is.
 */
export const carefulCauses = (
  age: number | null,
  limits: readonly PersonLimit[],
  notAsked: readonly HealthTopic[],
): CarefulCause[] => {
  const byAge: CarefulCause[] =
    age === null ? [] : age < CAREFUL_AGES.under ? ['under-18'] : age >= CAREFUL_AGES.from ? ['from-65'] : [];
  const byLimit = limits.flatMap(({ limit }) => BY_LIMIT[limit] ?? []);
  return [...new Set([...byAge, ...byLimit, ...(notAsked.length > 0 ? (['not-asked'] as const) : [])])];
};
