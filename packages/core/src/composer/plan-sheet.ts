import type { Catalogue } from '../catalogue';
import { getVariation } from '../catalogue';
import { applyStage, firstDose } from '../dose';
import type { DosePerson, DoseWhy, Stage } from '../dose';
import type { Kit } from '../kit';
import { reason } from '../vocabulary';
import type { MainFamily } from '../vocabulary';
import type { PlannedItem, Track } from './types';

/** The exercises of a person's sheet: one a family, in catalogue order. */
export interface SheetInput {
  person: DosePerson;
  tracks: readonly Track[];
  stage: Stage;
  kit: Kit;
  catalogue: Catalogue;
}

/** What a slot begins with when nothing else was chosen, heavy and skilful first. House default. */
const FIRST_SHEET = [
  { slot: 'squat', variationId: 'goblet-squat' },
  { slot: 'hinge', variationId: 'dumbbell-romanian-deadlift' },
  { slot: 'lunge', variationId: 'split-squat' },
  { slot: 'bridge', variationId: 'glute-bridge' },
] as const satisfies readonly { slot: MainFamily; variationId: string }[];

/**
 * The next sheet: every slot's track carried forward, a first dose where there is no track, capped for the first
 * session and weeks. A slot whose track is left out gives no item.
 */
export const planSheet = ({ person, tracks, stage, kit, catalogue }: SheetInput): PlannedItem[] =>
  FIRST_SHEET.flatMap(({ slot, variationId }) => {
    const track = tracks.find((candidate) => candidate.slot === slot);
    if (track?.leftOut) return [];
    const variation = getVariation(catalogue, track?.variationId ?? variationId);
    const base = firstDose(person, variation, kit);
    const trackDose = track?.dose ?? base.dose;
    const why = track ? carriedWhy(track, base.why) : base.why;
    const staged = applyStage(trackDose, why, stage);
    return [
      {
        slot,
        variationId: variation.id,
        method: track?.method ?? 'range-then-load',
        trackDose,
        dose: staged.dose,
        why: staged.why,
      },
    ];
  });

/** A carried dose is explained by the decision that set it; numbers no decision touches keep the table's reasons. */
const carriedWhy = (track: Track, base: DoseWhy): DoseWhy => {
  const last = track.lastDecision;
  if (!last) return base;
  const origin = last.edited
    ? reason('trainer-edited', { sessionDate: last.sessionDate }, 'trainer')
    : reason('carried-forward', { sessionDate: last.sessionDate }, 'house-default');
  const decided = [...last.reasons, origin];
  return { ...base, load: decided, reps: last.edited ? decided : [...base.reps, ...last.reasons] };
};
