import fc from 'fast-check';
import { builtInCatalogue, getVariation } from '../catalogue';
import { loadsForVariation, repsTop, sheetMinutes } from '../dose';
import type { Stage } from '../dose';
import { defaultKit } from '../kit';
import { decideSession } from '../progression';
import { aJudgeContext, anExerciseLog } from '../testing';
import { GOALS, TRAINING_AGES } from '../vocabulary';
import { planSheet, trackAfter } from '.';
import type { Track } from '.';

const person = fc.record({
  goal: fc.constantFrom(...GOALS),
  trainingAge: fc.constantFrom(...TRAINING_AGES),
  massKg: fc.option(fc.double({ min: 25, max: 350, noNaN: true })),
});
const stage = fc.record({ sessionsDone: fc.nat(40), dayOfTraining: fc.nat(400), daysSinceLast: fc.option(fc.nat(90)) });
const units = fc.constantFrom('kg' as const, 'lb' as const);
const planFor = (
  who: { goal: (typeof GOALS)[number]; trainingAge: (typeof TRAINING_AGES)[number]; massKg: number | null },
  unit: 'kg' | 'lb',
  tracks: Track[] = [],
  at: Stage = { sessionsDone: 9, dayOfTraining: 60, daysSinceLast: 3 },
) =>
  planSheet({
    context: aJudgeContext({ person: who, kit: defaultKit(unit) }),
    tracks,
    stage: at,
    schools: {},
    day: 100,
    pastOf: () => [],
  });

describe('laws of a sheet', () => {
  it('whoever it is for, every load lies on the rack and every number has a reason', () => {
    fc.assert(
      fc.property(person, stage, units, (who, at, unit) => {
        for (const item of planFor(who, unit, [], at)) {
          const onRack = loadsForVariation(defaultKit(unit), getVariation(builtInCatalogue, item.variationId));
          expect(onRack).toContainEqual(item.dose.load);
          expect(item.dose.repsLow).toBeLessThanOrEqual(item.dose.repsHigh);
          for (const reasons of Object.values(item.why)) expect(reasons.length).toBeGreaterThan(0);
        }
      }),
    );
  });

  it('a heavier person never starts lighter', () => {
    fc.assert(
      fc.property(
        person,
        fc.double({ min: 25, max: 300, noNaN: true }),
        fc.double({ min: 0, max: 50, noNaN: true }),
        (who, massKg, more) => {
          const [light, heavy] = [planFor({ ...who, massKg }, 'kg'), planFor({ ...who, massKg: massKg + more }, 'kg')];
          light.forEach((item, at) => expect(heavy[at]!.dose.load.externalKg).toBeGreaterThanOrEqual(item.dose.load.externalKg));
        },
      ),
    );
  });

  it('a new person never gets more work than one who has been here', () => {
    fc.assert(
      fc.property(person, (who) => {
        const [fresh, settled] = [
          planFor(who, 'kg', [], { sessionsDone: 0, dayOfTraining: 0, daysSinceLast: null }),
          planFor(who, 'kg'),
        ];
        fresh.forEach(({ dose }, at) => {
          expect(dose.sets).toBeLessThanOrEqual(settled[at]!.dose.sets);
          expect(dose.reserve).toBeGreaterThanOrEqual(settled[at]!.dose.reserve);
        });
        // Source: house default: a very first session has at most eight work sets.
        expect(fresh.reduce((sum, { dose }) => sum + dose.sets, 0)).toBeLessThanOrEqual(8);
      }),
    );
  });

  it('one more set never takes less time', () => {
    fc.assert(
      fc.property(person, (who) => {
        const items = planFor(who, 'kg').map(({ dose, variationId }) => ({
          dose,
          variation: getVariation(builtInCatalogue, variationId),
        }));
        const longer = items.map(({ dose, variation }, at) => ({
          variation,
          dose: at === 0 ? { ...dose, sets: dose.sets + 1 } : dose,
        }));
        expect(sheetMinutes(longer)).toBeGreaterThanOrEqual(sheetMinutes(items));
      }),
    );
  });
});

describe('laws of going on from session to session', () => {
  const reps = fc.array(fc.integer({ min: 0, max: 20 }), { minLength: 3, maxLength: 3 });

  it('any run of sessions keeps a dose the rack can make, with one change at a time', () => {
    fc.assert(
      fc.property(fc.array(reps, { minLength: 1, maxLength: 12 }), (sessions) => {
        let log = anExerciseLog({ loadKg: 16, reps: sessions[0]! });
        for (const done of sessions) {
          const next = anExerciseLog({ dose: log.dose, reps: done, set: { externalKg: log.dose.load.externalKg } });
          log = { ...next, dose: log.dose, sets: next.sets.map((set) => ({ ...set, externalKg: log.dose.load.externalKg })) };
          const [decision] = decideSession([log]);
          const { dose, variationId } = decision!;
          if (variationId !== undefined && variationId !== log.variation.id) {
            // The stage below: a dose of its own, on its own rack.
            const below = getVariation(builtInCatalogue, variationId);
            expect(loadsForVariation(log.context.kit, below)).toContainEqual(dose.load);
            return;
          }
          expect(log.loads).toContainEqual(dose.load);
          expect(dose.repsLow).toBeGreaterThanOrEqual(1);
          expect(repsTop(dose)).toBeGreaterThanOrEqual(dose.repsLow);
          // One change: a step in load together with its rep reset counts as one.
          const changed = [
            dose.load.externalKg !== log.dose.load.externalKg,
            dose.sets !== log.dose.sets,
            dose.restSeconds !== log.dose.restSeconds,
          ];
          expect(changed.filter(Boolean).length).toBeLessThanOrEqual(1);
          const item = {
            slot: 'squat',
            variationId: log.variation.id,
            values: {},
            methodChosen: false,
            method: log.method,
            trackDose: log.dose,
            dose: log.dose,
          };
          const track = trackAfter({
            item,
            proposal: decision!,
            chosen: { verdict: decision!.verdict, dose },
            sessionDate: '2026-01-05',
          });
          expect(track.dose.load).toEqual(dose.load);
          log = { ...log, dose: track.dose };
        }
      }),
    );
  });
});
