import { brzycki } from './brzycki';
import { epley } from './epley';
import { lander } from './lander';
import { lombardi } from './lombardi';
import { mayhew } from './mayhew';
import { oconner } from './oconner';
import type { RepMaxFormula, RepMaxFormulaId } from './types';
import { wathan } from './wathan';

/** The seven published relations, by id. */
export const REP_MAX: Record<RepMaxFormulaId, RepMaxFormula> = { epley, brzycki, lander, lombardi, mayhew, oconner, wathan };
export { REP_MAX_FORMULAS } from './types';
export type { RepMaxFormula, RepMaxFormulaId } from './types';
