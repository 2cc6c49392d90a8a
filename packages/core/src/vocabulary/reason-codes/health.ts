import type { CarefulCause, ClearedRange, ClinicianRole, HealthTopic, ReadinessId } from '../health';
import type { KitItem } from '../kit';
import type { LimitId } from '../limits';
import type { Side } from '../set-record';
import type { LoadPosition } from '../training';
import { values } from './define';
import type { ValuesOf } from './define';

/** Why a person may train, with what held back; why a movement is locked by more than a limit. */
export const HEALTH_REASONS = {
  'flag-answer': values<{ question: ReadinessId }>(),
  'flag-sign': values<{ sign: string; on: string }>(),
  'flag-pressure': values<{ systolic: number; diastolic: number; on: string }>(),
  'limit-by-answer': values<{ question: ReadinessId; limit: LimitId }>(),
  'limit-on-record': values<{ limit: LimitId; severity: number | null; side: Side; askedOn: string }>(),
  'limit-ask-again': values<{ limit: LimitId; side: Side; days: number }>(),
  'surgery-on-record': values<{ procedure: string; on: string; side: Side }>(),
  'guardian-missing': values<{ age: number }>(),
  'cleared-by': values<{ role: ClinicianRole; until: string }>(),
  'clearance-ended': values<{ role: ClinicianRole; until: string }>(),
  'pressure-ask-again': values<{ days: number }>(),
  'readiness-not-asked': values<{ open: number }>(),
  'cleared-within': values<{ limit: LimitId; range: ClearedRange; maxLoadKg: number | null; side: Side }>(),
  'kit-lacks': values<{ item: KitItem }>(),
  'kit-no-load': values<{ variationId: string }>(),
  'bar-without-safeties': values<{ alone: boolean }>(),
  'bar-wants-spotter': values<{ variationId: string }>(),
  'bar-without-collars': values<{ variationId: string }>(),
  'small-discs': values<{ variationId: string }>(),
  disliked: values<{ variationId: string }>(),
  'reserve-alone': values<{ reserve: number; usualReserve: number }>(),
  'load-cleared-up-to': values<{ maxLoadKg: number; loadKg: number }>(),
  'health-topic-not-asked': values<{ topic: HealthTopic }>(),
  'nothing-loaded-yet': values<{ why: 'not-asked' | 'birth' }>(),
  'position-locks': values<{ limit: LimitId; position: LoadPosition; unlock: string; severity?: number }>(),
  'position-restricts': values<{ limit: LimitId; position: LoadPosition; how: string; severity?: number }>(),
  careful: values<{ cause: CarefulCause }>(),
  'severe-cut': values<{ limit: LimitId; loadKg: number; usualKg: number; sets: number; usualSets: number }>(),
};

export type HealthReasons = ValuesOf<typeof HEALTH_REASONS>;
