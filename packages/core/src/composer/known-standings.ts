import { getVariation } from '../catalogue';
import type { Ladder, Rung } from '../catalogue';
import { LADDERS } from '../catalogue/knowledge';
import { firstDose } from '../dose';
import { gateTarget } from '../progression';
import type { KeptStanding, Standing } from '../progression';
import { knownStage, knownStageWhy } from './known-stage';
import { placementLock } from './place-on-rung';
import type { SheetInput } from './types';

/** A rung as somebody stands on it who has shown nothing toward its gate yet. */
export const standingOnRung = ({ context }: SheetInput, ladder: Ladder, rung: Rung): Standing => {
  const { catalogue, kit, person } = context;
  const { variationId, values = {}, gate } = rung;
  const variation = getVariation(catalogue, variationId);
  const { dose } = firstDose(person, variation, kit, values);
  const target = gate ? gateTarget(gate, variation, dose, kit, person.massKg) : null;
  return { ladderId: ladder.id, rungId: rung.id, variationId, values, target, evidence: [] };
};

const stageOf = ({ rungs }: Ladder, rungId: string): number => rungs.find(({ id }) => id === rungId)?.stage ?? 0;

/**
 * Standings that rest on known lifts, as these are now: on each ladder with an earned and open lift above what is on record there,
 * its stage. `gone`: ladders whose record rested on a lift that no longer says so.
 */
export const standingsByLifts = (
  input: SheetInput,
  standings: readonly KeptStanding[],
  on: string,
): { taken: KeptStanding[]; gone: string[] } => {
  const taken: KeptStanding[] = [];
  const gone: string[] = [];
  for (const ladder of LADDERS) {
    const before = standings.find(({ ladderId }) => ladderId === ladder.id);
    const known = knownStage(ladder, input.context.person.known);
    const isEarned = known?.lift.heldBy.length === 0 && placementLock(ladder, known.rung, input.context).length === 0;
    const isOver =
      before === undefined || before.by === 'known-lift' || stageOf(ladder, before.rungId) < (known?.rung.stage ?? 0);
    if (known && isEarned && isOver) {
      taken.push({
        ...standingOnRung(input, ladder, known.rung),
        on,
        by: 'known-lift',
        reasons: [knownStageWhy(known)],
        why: null,
      });
    } else if (before?.by === 'known-lift') gone.push(ladder.id);
  }
  return { taken, gone };
};
