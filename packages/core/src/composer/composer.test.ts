import { aJudgeContext, aSet } from '../testing';
import { reason } from '../vocabulary';
import { carryForward, planSheet, trackAfter } from '.';
import type { SheetInput, Track } from '.';

const input: SheetInput = {
  context: aJudgeContext(),
  tracks: [],
  stage: { sessionsDone: 10, dayOfTraining: 60, daysSinceLast: 3 },
  schools: {},
  day: 100,
  pastOf: () => [],
};
const [squat] = planSheet(input);
/** Somebody who has done every movement before. */
const done: SheetInput = {
  ...input,
  pastOf: () => [{ sessionId: 's', day: 97, dose: squat!.dose, values: {}, sets: [aSet()] }],
};
const track = (over: Partial<Track> = {}): Track => ({
  slot: 'squat',
  variationId: 'goblet-squat',
  values: {},
  method: 'range-then-load',
  methodChosen: true,
  dose: { ...squat!.dose, repsHigh: 14 },
  leftOut: false,
  lastDecision: {
    verdict: 'move-up',
    reasons: [reason('top-of-range', { sets: 3, reps: 12 }, 'common-practice')],
    sessionDate: '2026-01-05',
    edited: false,
  },
  ...over,
});

describe('planning a sheet', () => {
  it('gives one exercise a family, each number with a reason', () => {
    const items = planSheet(input);
    expect(items.map((item) => item.slot)).toEqual(['squat', 'hinge', 'lunge', 'bridge']);
    for (const item of items) for (const why of Object.values(item.why)) expect(why.length).toBeGreaterThan(0);
  });

  it('carries a track forward and says which session decided it', () => {
    const [item] = planSheet({ ...done, tracks: [track()] });
    expect(item?.dose.repsHigh).toBe(14);
    expect(item?.why.load.map((r) => r.code)).toEqual(['top-of-range', 'carried-forward']);
    const edited = track({ lastDecision: { ...track().lastDecision!, edited: true } });
    expect(planSheet({ ...done, tracks: [edited] })[0]?.why.load.at(-1)?.code).toBe('trainer-edited');
  });

  it('leaves out what was left out', () => {
    const items = planSheet({ ...input, tracks: [track({ leftOut: true })] });
    expect(items.map((item) => item.slot)).toEqual(['hinge', 'lunge', 'bridge']);
  });

  it('caps the first session but keeps the full dose in the track', () => {
    const [item] = planSheet({ ...input, stage: { sessionsDone: 0, dayOfTraining: 0, daysSinceLast: null } });
    expect(item?.dose).toMatchObject({ sets: 2, reserve: 4 });
    expect(item?.trackDose).toMatchObject({ sets: 3, reserve: 2 });
  });
});

describe('carrying a dose forward', () => {
  const full = squat!.dose;
  const capped = { ...full, sets: 2, reserve: 4 };

  it('lifts the stage caps again', () => expect(carryForward(full, capped, capped)).toEqual(full));

  it('keeps what the trainer changed', () => {
    expect(carryForward(full, capped, { ...capped, sets: 4, reserve: 1 })).toMatchObject({ sets: 4, reserve: 1 });
  });
});

describe('the track after a review', () => {
  const item = { ...squat!, trackDose: squat!.dose };
  const proposal = { verdict: 'move-up', dose: { ...squat!.dose, repsBeyond: 3 }, reasons: [] } as const;

  it('takes the proposal as it is, whatever order its fields come in', () => {
    const { tempo, load, ...rest } = proposal.dose;
    const chosen = { verdict: 'move-up', dose: { load, tempo, ...rest } } as const;
    const after = trackAfter({ item, proposal, chosen, sessionDate: '2026-01-05' });
    expect(after).toMatchObject({ dose: { repsBeyond: 3 }, leftOut: false, lastDecision: { edited: false } });
  });

  it('remembers an edit and an exercise left out', () => {
    const chosen = { verdict: 'leave-out', dose: squat!.dose } as const;
    const after = trackAfter({ item, proposal, chosen, sessionDate: '2026-01-05' });
    expect(after).toMatchObject({ leftOut: true, lastDecision: { verdict: 'leave-out', edited: true } });
  });
});
