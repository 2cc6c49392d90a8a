import { getVariation, builtInCatalogue } from '../catalogue';
import { aJudgeContext, aSheetInput } from '../testing';
import { compose } from './compose';
import { blocksOf } from './content';
import type { Composition } from './compose';
import { workOf } from './sets-for';
import type { DayTarget, PlannedFor } from './types';
import { countsFor, NEEDS } from './weekly-table';

const target = (aim: number, most = 10): DayTarget => ({ floor: 0, aim, most });
const dayOf = (over: Partial<PlannedFor> = {}): PlannedFor => ({
  dayKey: '0/0-0',
  intent: 'build',
  here: null,
  isHistory: false,
  isTested: false,
  role: 'squat-led',
  led: 'squat',
  families: ['squat', 'lunge', 'bridge'],
  zone: null,
  besideZone: null,
  targets: Object.fromEntries(NEEDS.map((need) => [need, target(5, need === 'glutes' ? 14 : 10)])),
  moreSets: 0,
  setsShare: 1,
  rested: [],
  ...over,
});
const made = (over: Partial<PlannedFor> = {}, minutes = 60): Composition =>
  compose(aSheetInput(aJudgeContext(), { planned: dayOf(over) }), { minutes });
const inRole = (composed: Composition, role: string) =>
  blocksOf(composed).flatMap(({ block, items }) => (block.role === role ? items : []));
const setsIn = (composed: Composition): number => workOf(composed).reduce((sum, { dose }) => sum + dose.sets, 0);
const onNeed = (composed: Composition, need: (typeof NEEDS)[number]): number =>
  workOf(composed).reduce(
    (sum, { variationId, dose }) => sum + dose.sets * countsFor(getVariation(builtInCatalogue, variationId), need),
    0,
  );

// Source: the binding page on prescribing, §6, unless said otherwise.
describe('a session of a plan', () => {
  it.each([
    ['squat', ['squat', 'lunge', 'bridge']],
    ['hinge', ['hinge', 'bridge', 'lunge']],
    ['lunge', ['lunge', 'squat', 'bridge']],
  ] as const)('that leads with a %s begins with it and trains the day’s patterns only', (led, families) => {
    const mains = inRole(made({ led, families }), 'main').map(({ slot }) => slot);
    expect(mains[0]).toBe(led);
    expect(mains.every((slot) => (families as readonly string[]).includes(slot))).toBe(true);
  });

  it('holds no more of a muscle than the plan leaves', () => {
    const targets = { ...dayOf().targets, 'front-thigh': target(2, 3) };
    expect(onNeed(made({ targets }), 'front-thigh')).toBeLessThanOrEqual(3);
  });

  it('of a later week holds more sets, and says so; of the first fewer, and says that', () => {
    const [usual, more, fewer] = [made({}, 90), made({ moreSets: 2 }, 90), made({ setsShare: 0.7 }, 90)];
    expect(setsIn(more)).toBeGreaterThan(setsIn(usual));
    expect(setsIn(more)).toBeLessThanOrEqual(setsIn(usual) + 3);
    expect(setsIn(fewer)).toBeLessThanOrEqual(Math.round(0.7 * setsIn(usual)));
    const whys = (composed: Composition) => composed.items.flatMap(({ why }) => why.sets.map(({ code }) => code));
    expect(whys(more)).toContain('more-sets');
    expect(whys(usual)).not.toContain('more-sets');
    const told = [...fewer.gaveUp, ...fewer.left.flatMap(({ reasons }) => reasons)].map(({ code }) => code);
    expect([...told, ...whys(fewer)].filter((code) => code.endsWith('-for-plan') || code === 'gave-up-plan')).not.toEqual([]);
  });

  it('gives an accessory that had its turn a rest, where another trains the muscle', () => {
    const before = inRole(made(), 'accessory').map(({ variationId }) => variationId);
    expect(before.length).toBeGreaterThan(0);
    const after = inRole(made({ rested: before }), 'accessory').map(({ variationId }) => variationId);
    expect(after.filter((id) => before.includes(id))).toEqual([]);
    expect(after.length).toBeGreaterThan(0);
  });
});

it('the lift a heavy day leads with keeps its sets where minutes are short; led by nothing it gives some up', () => {
  const context = aJudgeContext({ person: { goal: 'build-muscle', trainingAge: 'advanced', massKg: 80 } });
  const stage = { sessionsDone: 30, dayOfTraining: 120, daysSinceLast: 3 };
  const targets = Object.fromEntries(NEEDS.map((need) => [need, { ...target(5, need === 'glutes' ? 14 : 10), floor: 2 }]));
  const setsLedBy = (led: PlannedFor['led'], minutes: number): number =>
    compose(aSheetInput(context, { planned: dayOf({ led, targets }), stage }), { minutes }).items.find(
      ({ slot }) => slot === 'squat',
    )?.dose.sets ?? 0;
  const whole = setsLedBy('squat', 60);
  for (const minutes of [35, 40]) {
    expect([minutes, setsLedBy('squat', minutes)]).toEqual([minutes, whole]);
    expect(setsLedBy(null, minutes)).toBeLessThan(whole);
  }
});
