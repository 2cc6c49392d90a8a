import { builtInCatalogue, getVariation } from '../catalogue';
import { allowedLoads } from '../dose';
import { defaultKit, roomOf } from '../kit';
import { aJudgeContext, anExerciseLog, aSheetInput } from '../testing';
import { STUDIO_ITEMS } from '../vocabulary';
import type { LeverValues } from '../vocabulary';
import { planItem } from '.';
import type { Track } from '.';

const kit = defaultKit('kg');

// Source: design: where the weight is held is a setting with an offset inside one key.
it('a track whose weight is held elsewhere goes on as hard, not as heavy', () => {
  const context = aJudgeContext({ kit, room: roomOf(kit, STUDIO_ITEMS) });
  const planned = (values: LeverValues) => {
    const load = allowedLoads(kit, [], getVariation(builtInCatalogue, 'forward-lunge')).find(
      ({ externalKg }) => externalKg === 16,
    )!;
    const dose = { ...anExerciseLog({ variationId: 'forward-lunge' }).dose, load };
    const track = { slot: 'lunge', variationId: 'forward-lunge', values, dose, method: 'reserve-led', methodChosen: false };
    const tracks = [{ ...track, leftOut: false, lastDecision: null }] as unknown as Track[];
    const start = { variationId: 'forward-lunge', values: {}, reasons: [] };
    return planItem(aSheetInput(context, { tracks }), { slot: 'lunge', role: 'main' }, start).trackDose.load;
  };
  expect(planned({})).toMatchObject({ position: 'sides', externalKg: 16 });
  // The track's own settings stand over what it starts with.
  const moved = planned({ 'load-position': 'overhead' });
  expect(moved.position).toBe('overhead');
  expect(moved.externalKg).toBeLessThan(0.8 * 16);
});
