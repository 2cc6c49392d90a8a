import { remediesFor } from '../catalogue/knowledge';
import type { Remedy } from '../catalogue/knowledge';
import { reason } from '../vocabulary';
import type { FaultId, Reason } from '../vocabulary';
import type { AdviceInput } from './types';

const whatOf = (remedy: Remedy): { what: string; way: string } => {
  switch (remedy.kind) {
    case 'lever':
      return { what: remedy.lever, way: remedy.way };
    case 'load-position':
      return { what: remedy.to, way: '' };
    case 'aid':
      return { what: remedy.aid, way: '' };
    case 'variation':
      return { what: remedy.variationId, way: '' };
  }
};

/** The first measure against a fault on this movement; null where there is none. */
export const measureFor = ({ variation }: AdviceInput, faultId: FaultId): Reason | null => {
  const [remedy] = remediesFor(variation, faultId);
  return remedy ? reason('advice-measure', { faultId, measure: remedy.kind, ...whatOf(remedy) }, 'common-practice') : null;
};
