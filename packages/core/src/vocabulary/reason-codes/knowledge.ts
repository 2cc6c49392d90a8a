import type { LimitId } from '../limits';
import { values } from './define';
import type { ValuesOf } from './define';

/** What limits and the posture model say of a movement. */
export const KNOWLEDGE_REASONS = {
  'limit-locks': values<{ limit: LimitId; variationId: string; unlock: string; severity?: number }>(),
  'limit-restricts': values<{ limit: LimitId; variationId: string; how: string; severity?: number }>(),
  'limit-favours': values<{ limit: LimitId; variationId: string }>(),
  'posture-balance': values<{ heightCm: number; massKg: number; ankleDeg: number; loadKg: number }>(),
  'posture-share': values<{ kneeNm: number; hipNm: number }>(),
  'posture-low-back': values<{ lowBackNm: number; bandPercent: number }>(),
};

export type KnowledgeReasons = ValuesOf<typeof KNOWLEDGE_REASONS>;
