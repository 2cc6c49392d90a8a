import type { CarefulCause, ClearedRange, ClinicianRole, HealthTopic, ReadinessId } from '../health';
import type { KitItem } from '../kit';
import type { LimitId } from '../limits';
import type { Side } from '../set-record';
import type { LoadPosition } from '../training';

/** Why a person may train, with what held back; why a movement is locked by more than a limit. */
export interface HealthReasons {
  'flag-answer': { question: ReadinessId };
  'flag-sign': { sign: string; on: string };
  'flag-pressure': { systolic: number; diastolic: number; on: string };
  'limit-by-answer': { question: ReadinessId; limit: LimitId };
  'limit-on-record': { limit: LimitId; severity: number | null; side: Side; askedOn: string };
  'limit-ask-again': { limit: LimitId; side: Side; days: number };
  'surgery-on-record': { procedure: string; on: string; side: Side };
  'guardian-missing': { age: number };
  'cleared-by': { role: ClinicianRole; until: string };
  'clearance-ended': { role: ClinicianRole; until: string };
  'pressure-ask-again': { days: number };
  'readiness-not-asked': { open: number };
  'cleared-within': { limit: LimitId; range: ClearedRange; maxLoadKg: number | null; side: Side };
  'kit-lacks': { item: KitItem };
  'kit-no-load': { variationId: string };
  'bar-without-safeties': { alone: boolean };
  'bar-wants-spotter': { variationId: string };
  'bar-without-collars': { variationId: string };
  'small-discs': { variationId: string };
  disliked: { variationId: string };
  'reserve-alone': { reserve: number; usualReserve: number };
  'load-cleared-up-to': { maxLoadKg: number; loadKg: number };
  'health-topic-not-asked': { topic: HealthTopic };
  'nothing-loaded-yet': { why: 'not-asked' | 'birth' };
  'position-locks': { limit: LimitId; position: LoadPosition; unlock: string; severity?: number };
  'position-restricts': { limit: LimitId; position: LoadPosition; how: string; severity?: number };
  careful: { cause: CarefulCause };
  'severe-cut': { limit: LimitId; loadKg: number; usualKg: number; sets: number; usualSets: number };
}

/** Every code of the group; a missing one does not compile. */
export const HEALTH_CODES: Record<keyof HealthReasons, true> = {
  'flag-answer': true,
  'flag-sign': true,
  'flag-pressure': true,
  'limit-by-answer': true,
  'limit-on-record': true,
  'limit-ask-again': true,
  'surgery-on-record': true,
  'guardian-missing': true,
  'cleared-by': true,
  'clearance-ended': true,
  'pressure-ask-again': true,
  'readiness-not-asked': true,
  'cleared-within': true,
  'kit-lacks': true,
  'kit-no-load': true,
  'bar-without-safeties': true,
  'bar-wants-spotter': true,
  'bar-without-collars': true,
  'small-discs': true,
  disliked: true,
  'reserve-alone': true,
  'load-cleared-up-to': true,
  'health-topic-not-asked': true,
  'nothing-loaded-yet': true,
  'position-locks': true,
  'position-restricts': true,
  careful: true,
  'severe-cut': true,
};
