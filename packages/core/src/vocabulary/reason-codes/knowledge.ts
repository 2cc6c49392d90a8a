import type { LimitId } from '../limits';

/** What limits and the posture model say of a movement. */
export interface KnowledgeReasons {
  'limit-locks': { limit: LimitId; variationId: string; unlock: string; severity?: number };
  'limit-restricts': { limit: LimitId; variationId: string; how: string; severity?: number };
  'limit-favours': { limit: LimitId; variationId: string };
  'posture-balance': { heightCm: number; massKg: number; ankleDeg: number; loadKg: number };
  'posture-share': { kneeNm: number; hipNm: number };
  'posture-low-back': { lowBackNm: number; bandPercent: number };
}

/** Every code of the group; a missing one does not compile. */
export const KNOWLEDGE_CODES: Record<keyof KnowledgeReasons, true> = {
  'limit-locks': true,
  'limit-restricts': true,
  'limit-favours': true,
  'posture-balance': true,
  'posture-share': true,
  'posture-low-back': true,
};
