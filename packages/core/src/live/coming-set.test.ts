import { aLoggedSet, aRunning } from '../testing';
import type { SetSlot } from '../log';
import { adviceFor } from './advice-for';
import { askedFor, isLastSide, parentOf, passedOver } from './coming-set';
import { freshPad } from './pad';
import { exercisesOf } from './progress';

const at = (slot: string, ...given: Parameters<typeof aRunning>) => {
  const detail = aRunning(...given);
  const exercise = exercisesOf(detail).find(({ item }) => item.slot === slot)!;
  const { facts, advice } = adviceFor(detail, exercise.item, exercise.variation, exercise.done, exercise.next);
  return { detail, exercise, facts, advice };
};
const slot = (kind: SetSlot['kind'], setIndex: number, side: SetSlot['side'] = 'both'): SetSlot => ({ kind, setIndex, side });
const drop = ({ detail, exercise, facts, advice }: ReturnType<typeof at>) =>
  askedFor(detail, exercise, slot('drop', 0), facts, advice).load.externalKg;

describe('what the coming set asks', () => {
  it('before anything is logged: what the sheet says', () => {
    const { detail, exercise, facts, advice } = at('squat');
    expect(askedFor(detail, exercise, exercise.next, facts, advice)).toEqual({
      reps: exercise.item.dose.repsHigh,
      load: exercise.item.dose.load,
    });
  });

  it('a drop takes at least a fifth off what was lifted last, of the loads the kit makes', () => {
    const once = at('squat', [aLoggedSet({ externalKg: 20 })]);
    const makes = once.facts.loads.map(({ externalKg }) => externalKg);
    // House default: 20 kg less a fifth is 16 kg.
    expect(drop(once)).toBe(Math.max(...makes.filter((kg) => kg <= 16)));
    const twice = [aLoggedSet({ externalKg: 20 }), aLoggedSet({ id: 'drop-1', kind: 'drop', setIndex: 0, externalKg: 16 })];
    expect(drop(at('squat', twice))).toBeLessThan(16);
  });

  it('with nothing lighter in the room a drop keeps the load', () => {
    const { detail, exercise, facts, advice } = at('squat', [aLoggedSet({ externalKg: 20 })]);
    const [only] = facts.loads.filter(({ externalKg }) => externalKg === 20);
    expect(drop({ detail, exercise, facts: { ...facts, loads: [only!] }, advice })).toBe(20);
  });

  it('a drop hangs from the last hard set of its own leg', () => {
    const sets = (['left', 'right'] as const).map((side) => aLoggedSet({ id: `set-${side}`, itemId: 'item-lunge-1', side }));
    const { exercise } = at('lunge', sets);
    expect(parentOf(exercise, slot('drop', 0, 'left'))).toBe('set-left');
    expect(parentOf(at('squat').exercise, slot('drop', 0))).toBeNull();
  });
});

it('a set is over with its second leg', () => {
  const { exercise } = at('lunge');
  expect(isLastSide(exercise, exercise.next!)).toBe(false);
  const first = aLoggedSet({ id: 'leg', itemId: 'item-lunge-1', side: exercise.next!.side });
  const half = at('lunge', [first]).exercise;
  expect([half.next?.setIndex, isLastSide(half, half.next!)]).toEqual([0, true]);
});

describe('advice', () => {
  const failed = [aLoggedSet({ reps: 3, reserve: 0, clean: 'yes' })];

  it('followed or not: a lighter next set that was logged as heavy as before is kept with its reasons', () => {
    const { exercise, advice } = at('squat', failed);
    expect(advice?.next).not.toBeNull();
    const pad = freshPad({ reps: exercise.item.dose.repsHigh, load: exercise.item.dose.load });
    expect(passedOver(advice, pad)).toEqual(advice?.reasons.map(({ code }) => code));
    expect(passedOver(null, pad)).toEqual([]);
  });

  it('is worked out once for a row, and again after a check-in that changes what the knee may do', () => {
    const before = at('squat', failed);
    const again = adviceFor(
      before.detail,
      before.exercise.item,
      before.exercise.variation,
      before.exercise.done,
      before.exercise.next,
    );
    expect(again.advice).toBe(before.advice);
    const asked = { sleep: null, energy: null, illness: null, painkillers: null, soreness: null, morning: null };
    const joints = [{ area: 'knee' as const, side: 'both' as const, pain: 4 }];
    const answers = { ...asked, joints, outsideSport: null, pressure: null, minutes: null };
    const after = at('squat', failed, { checkIn: answers });
    expect(after.facts.context.pain).not.toEqual(before.facts.context.pain);
  });
});
