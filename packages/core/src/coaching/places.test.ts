import { takenOn } from '../selection';
import { swapTo } from '.';
import { builtInCatalogue, getVariation } from '../catalogue';
import { defaultKit } from '../kit';
import { remediesFor } from '../catalogue/knowledge';
import { measureFor } from './measures';
import { aJudgeContext, anExerciseLog, aSet } from '../testing';
import type { LoadPosition } from '../vocabulary';
import { estimateFor, historyOf } from '../progression';
import type { JudgeContext, PastExercise } from '../progression';

const studio = defaultKit('kg');
const log = anExerciseLog({ variationId: 'reverse-lunge', loadKg: 16 });
const dose = (position: LoadPosition) => ({ ...log.dose, load: { ...log.dose.load, position } });
const past = (position: LoadPosition): PastExercise[] =>
  [80, 84, 88].map((day) => ({
    sessionId: `s${day}`,
    day,
    values: { 'load-position': position },
    dose: dose(position),
    sets: (['left', 'right'] as const).map((side) => aSet({ side, externalKg: 16, reps: 10, reserve: 2 })),
  }));
const shiftOf = (done: LoadPosition, now: LoadPosition): number =>
  historyOf({ variation: log.variation, dose: dose(now), past: past(done) }, 'left')[0]!.sets[0]!.context!.shift;

// Source: design: where the weight is held is a setting with an offset inside one key. House offsets.
describe('sets of every place are one lift', () => {
  it('those held elsewhere are read with what the place costs, those at the same place as they are', () => {
    expect(shiftOf('overhead', 'overhead')).toBe(0);
    expect(shiftOf('overhead', 'sides')).toBeCloseTo(-0.35);
    expect(shiftOf('sides', 'overhead')).toBeCloseTo(0.35);
  });

  it('the same sessions asked for two places give two answers', () => {
    const sessions = past('sides');
    const context = aJudgeContext({ kit: studio });
    const asked = (position: LoadPosition) =>
      estimateFor({ ...log, dose: dose(position), past: sessions, context }, dose(position), 92)!;
    const [sides, overhead] = [asked('sides'), asked('overhead')];
    expect(overhead.loadKg).toBeLessThan(sides.loadKg);
  });

  it('a stand-in is held where this kit has a weight for it', () => {
    const kit = { ...studio, pieces: studio.pieces.filter(({ type, value }) => type === 'kettlebell' && value === 16) };
    const context = aJudgeContext({ kit });
    const lunge = getVariation(builtInCatalogue, 'rear-foot-elevated-split-squat');
    expect(takenOn(lunge, {}, context).values).toEqual({ 'load-position': 'goblet' });
    const goblet = anExerciseLog({ variationId: 'goblet-split-squat', loadKg: 16, reps: [12, 12, 12], set: { reserve: 5 } });
    const made = swapTo({ ...goblet, context, past: [] }, lunge, 100, []);
    expect(made.dose.load.position).toMatch(/goblet|none/);
    expect(made.feelers).toBe(2);
  });

  it('a trunk that tips is answered by a place of the movement’s own, where a weight may be held there', () => {
    const tips = (id: string, over: Partial<JudgeContext> = {}) => {
      const { variation, values, dose: planned, loads, context } = anExerciseLog({ variationId: id, context: over });
      const facts = {
        variation,
        values,
        dose: planned,
        loads,
        context,
        past: [],
        method: 'reserve-led',
        day: 100,
        feelers: 0,
      } as const;
      return measureFor({ ...facts, today: [], next: undefined }, 'trunk-tips')?.values;
    };
    expect(tips('forward-lunge')).toMatchObject({ measure: 'load-position', what: 'rack' });
    const noPair = { ...studio, pieces: studio.pieces.filter(({ type }) => type === 'kettlebell') };
    expect(tips('forward-lunge', { kit: noPair })).not.toMatchObject({ what: 'rack' });
    // A movement that merely may be held so has no such setting.
    expect(
      remediesFor(getVariation(builtInCatalogue, 'back-extension'), 'low-back-over-arches').map(({ kind }) => kind),
    ).not.toContain('load-position');
  });
});
