import { builtInCatalogue, getVariation } from '../../catalogue';
import { SAME_DAYS } from '../../weeks';
import { seeded } from '../../testing';
import { aWholePerson, liveWhole } from '.';

const WEEKS = 16;
const life = liveWhole(
  seeded(5),
  aWholePerson('planned', { missed: 0.05, faults: 0.03, trainingAge: 'intermediate', strength: 1.2, minutes: 60 }),
  WEEKS,
  true,
);
const built = life.filter(({ sheet }) => sheet.intent === 'build');

// Source: the binding page on prescribing, §6.
describe('a life cut from a plan', () => {
  it('repeats its days for eight weeks, then leads each with a pattern of its own', () => {
    const rolesIn = (from: number, to: number) =>
      new Set(built.filter(({ day }) => day >= from && day < to).map(({ sheet }) => sheet.dayRole));
    expect(rolesIn(0, SAME_DAYS)).toEqual(new Set(['all']));
    expect(rolesIn(SAME_DAYS + 7, WEEKS * 7)).toEqual(new Set(['squat-led', 'hinge-led']));
  });

  it('begins such a day with the pattern it leads with', () => {
    for (const { sheet } of built.filter(({ sheet: { dayRole } }) => dayRole === 'squat-led' || dayRole === 'hinge-led')) {
      const [first] = sheet.items.filter(({ blockId }) => sheet.blocks.find(({ id }) => id === blockId)?.role === 'main');
      const family = first && getVariation(builtInCatalogue, first.variationId).family;
      expect([sheet.dayRole, family]).toEqual([sheet.dayRole, sheet.dayRole?.split('-')[0]]);
    }
  });

  it('trains hard again after a day of mobility, in the shape it had before', () => {
    // Four days a week from the first: days that are alike stand two days apart, so some are easy.
    const four = liveWhole(seeded(5), aWholePerson('four days', { daysPerWeek: 4, missed: 0 }), 4, true);
    const easy = four.flatMap(({ sheet }, at) => (sheet.shape === 'mobility' ? [at] : []));
    expect(easy.length).toBeGreaterThan(1);
    for (const at of easy) {
      const next = four[at + 1];
      if (!next || next.sheet.dayRole === 'mobility') continue;
      expect([next.day, next.sheet.shape]).toEqual([next.day, four[0]!.sheet.shape]);
      expect(next.sheet.items.some(({ slot }) => slot === 'squat')).toBe(true);
    }
  });

  it('has lighter weeks, which leave what the next week goes on from as it was', () => {
    const lighter = life.flatMap((session, at) => (session.sheet.intent === 'lighter' ? [at] : []));
    expect(lighter.length).toBeGreaterThan(1);
    for (const at of lighter) expect(life[at]?.tracksAfter).toEqual(life[at - 1]?.tracksAfter);
    const setsOf = (at: number) => life[at]?.sheet.items.reduce((sum, { dose }) => sum + dose.sets, 0) ?? 0;
    const [first = 0] = lighter;
    expect(setsOf(first)).toBeLessThan(setsOf(first - 1));
  });

  it('keeps its big lifts within a block', () => {
    const mainsOf = ({ sheet }: (typeof built)[number]) =>
      sheet.items
        .filter(({ blockId }) => sheet.blocks.find(({ id }) => id === blockId)?.role === 'main')
        .map(({ slot, variationId }) => [slot, variationId] as const);
    let kept = 0;
    let all = 0;
    built.forEach((session, at) => {
      const before = built.slice(0, at).findLast((one) => one.sheet.dayRole === session.sheet.dayRole);
      if (!before || before.ofPlan?.plan.block.number !== session.ofPlan?.plan.block.number) return;
      const was = new Map(mainsOf(before));
      for (const [slot, variationId] of mainsOf(session)) {
        if (!was.has(slot)) continue;
        all += 1;
        if (was.get(slot) === variationId) kept += 1;
      }
    });
    expect(all).toBeGreaterThan(30);
    expect(kept / all).toBeGreaterThanOrEqual(0.9);
  });
});
