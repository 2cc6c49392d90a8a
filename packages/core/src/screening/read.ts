import { LADDERS } from '../catalogue/knowledge';
import type { LeverValues, Reason, ScreeningTaskId, Side, SoreLimitId } from '../vocabulary';
import { SCREENING_RULES } from './rule-list';
import type { Finding, ScreenedBody, Seen } from './types';

/** Where a ladder starts, and every reason that held it there. */
export interface LadderStart {
  ladderId: string;
  rungId: string;
  reasons: readonly Reason[];
}

/** A limit the screening suggests; the trainer decides. */
export interface SuggestedLimit {
  limit: SoreLimitId;
  side: Side;
  severity: number;
}

/** What a screening comes to. */
export interface ScreeningResult {
  findings: readonly Finding[];
  /** Ladders something was seen for; the others start as usual. */
  starts: readonly LadderStart[];
  /** Settings to use, by ladder. */
  aids: Readonly<Record<string, LeverValues>>;
  drills: readonly string[];
  limits: readonly SuggestedLimit[];
  /** Which side starts its sets; null where no difference was seen, or it points both ways. */
  weakerSide: 'left' | 'right' | null;
  notJudged: readonly ScreeningTaskId[];
  /** Null where nothing asks for another look. */
  lookAgainWeeks: number | null;
}

const stageOf = (ladderId: string, rungId: string): number => {
  const rung = LADDERS.find(({ id }) => id === ladderId)?.rungs.find(({ id }) => id === rungId);
  if (!rung) throw new Error(`readScreening: no rung "${rungId}" on "${ladderId}"`);
  return rung.stage;
};

/** The lowest start of each ladder wins, so that seeing more never starts anybody higher. */
const startsOf = (findings: readonly Finding[]): LadderStart[] => {
  const lowest = new Map<string, LadderStart>();
  for (const { effects, reason } of findings) {
    for (const effect of effects) {
      if (effect.kind !== 'start') continue;
      const { ladderId, rungId } = effect;
      const known = lowest.get(ladderId);
      const isLower = !known || stageOf(ladderId, rungId) < stageOf(ladderId, known.rungId);
      lowest.set(ladderId, { ladderId, rungId: isLower ? rungId : known.rungId, reasons: [...(known?.reasons ?? []), reason] });
    }
  }
  return [...lowest.values()];
};

const aidsOf = (findings: readonly Finding[]): Record<string, LeverValues> => {
  const aids: Record<string, LeverValues> = {};
  for (const effect of findings.flatMap(({ effects }) => effects)) {
    if (effect.kind === 'aid') aids[effect.ladderId] = { ...aids[effect.ladderId], [effect.lever]: effect.value };
  }
  return aids;
};

/** One limit a place and side, at the worst that was felt. */
const limitsOf = (findings: readonly Finding[]): SuggestedLimit[] => {
  const worst = new Map<string, SuggestedLimit>();
  for (const effect of findings.flatMap(({ effects }) => effects)) {
    if (effect.kind !== 'limit') continue;
    const { limit, side, severity } = effect;
    const key = `${limit}:${side}`;
    worst.set(key, { limit, side, severity: Math.max(severity, worst.get(key)?.severity ?? 0) });
  }
  return [...worst.values()];
};

const sideOf = (findings: readonly Finding[]): 'left' | 'right' | null => {
  const sides = findings.flatMap(({ effects }) => effects).flatMap((effect) => (effect.kind === 'side' ? [effect.side] : []));
  const [first] = sides;
  return first !== undefined && sides.every((side) => side === first) ? first : null;
};

/**
 * Reads a screening by every rule: what was found and why, where each ladder starts, which aids and drills, which limits
 * to think about, what couldn't be judged and when to look again. A fault, pain or gap more never raises a start.
 * @example readScreening(heelsAndChest, body).starts // [{ ladderId: 'two-leg-squat', rungId: 'counterweight', … }]
 */
export const readScreening = (seen: Seen, body: ScreenedBody): ScreeningResult => {
  const findings = SCREENING_RULES.flatMap((rule) => rule.evaluate(seen, body));
  const effects = findings.flatMap((finding) => finding.effects);
  const weeks = effects.flatMap((effect) => (effect.kind === 'look-again' ? [effect.weeks] : []));
  return {
    findings,
    starts: startsOf(findings),
    aids: aidsOf(findings),
    drills: [...new Set(effects.flatMap((effect) => (effect.kind === 'drill' ? [effect.variationId] : [])))],
    limits: limitsOf(findings),
    weakerSide: sideOf(findings),
    notJudged: findings.flatMap(({ reason }) => (reason.code === 'not-seen' ? [reason.values.task] : [])),
    lookAgainWeeks: weeks.length === 0 ? null : Math.min(...weeks),
  };
};
