import fc from 'fast-check';
import { doseSchema } from '@drubo/contracts';
import { loadsForVariation } from '@drubo/core';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import { stepDose, STEPPED, stepTempo } from '@drubo/core/sheet-editing';
import { aLoggedSet, aSheet } from '../../../tests/builders';
import { lastTimeLine, repsOf } from '../../parts/sheet/last-time';

const sheet = aSheet();
const { dose } = sheet.items[0]!;
const loads = loadsForVariation(sheet.kit, getVariation(builtInCatalogue, 'goblet-squat'));

describe('stepping a dose', () => {
  it('any walk over the steppers stays a dose the server takes', () => {
    const move = fc.tuple(fc.constantFrom(...STEPPED), fc.constantFrom(1 as const, -1 as const));
    fc.assert(
      fc.property(fc.array(move, { maxLength: 60 }), (moves) => {
        const end = moves.reduce((now, [field, by]) => stepDose(now, field, by, loads) ?? now, dose);
        expect(doseSchema.safeParse(end).error).toBeUndefined();
      }),
    );
  });

  it('loads step along the kit and stop at its ends', () => {
    expect(stepDose(dose, 'load', 1, loads)?.load.externalKg).toBe(12);
    expect(stepDose({ ...dose, load: loads.at(-1)! }, 'load', 1, loads)).toBeNull();
    expect(stepDose({ ...dose, load: loads[0]! }, 'load', -1, loads)).toBeNull();
  });

  it('the ends of the rep range push each other, and extra reps end when the top is set by hand', () => {
    expect(stepDose({ ...dose, repsLow: 8, repsHigh: 8 }, 'repsLow', 1, loads)).toMatchObject({ repsLow: 9, repsHigh: 9 });
    expect(stepDose({ ...dose, repsLow: 8, repsHigh: 8 }, 'repsHigh', -1, loads)).toMatchObject({ repsLow: 7, repsHigh: 7 });
    expect(stepDose({ ...dose, repsHigh: 12, repsBeyond: 3 }, 'repsHigh', 1, loads)).toMatchObject({
      repsHigh: 16,
      repsBeyond: 0,
    });
  });

  it('only lifting may be fast, and fast lies between none and one second', () => {
    const tempo = { lowering: 0, bottom: 0, lifting: 0, top: 0 } as const;
    expect(stepTempo(tempo, 'lifting', 1)?.lifting).toBe('x');
    expect(stepTempo({ ...tempo, lifting: 'x' }, 'lifting', 1)?.lifting).toBe(1);
    expect(stepTempo(tempo, 'lowering', 1)?.lowering).toBe(1);
    expect(stepTempo(tempo, 'top', -1)).toBeNull();
  });

  it('something always moves: the last second of moving can’t be taken off', () => {
    const tempo = { lowering: 1, bottom: 2, lifting: 0, top: 0 } as const;
    expect(stepTempo(tempo, 'lowering', -1)).toBeNull();
    expect(stepTempo({ ...tempo, lifting: 'x' }, 'lowering', -1)?.lowering).toBe(0);
  });
});

describe('last time in a line', () => {
  const lastTime = (sets: ReturnType<typeof aLoggedSet>[]) => ({
    sessionId: 'session-01',
    date: '2026-11-17',
    variationId: 'goblet-squat',
    dose,
    sets,
  });
  const bell = [{ pieceId: 'k', type: 'kettlebell', value: 24, unit: 'kg', count: 1 }] as const;

  it('says load, reps and the lowest reserve', () => {
    const sets = [
      aLoggedSet({ reps: 12, reserve: 3, implements: bell }),
      aLoggedSet({ id: 'set-0002x', setIndex: 1, reps: 11, reserve: 2, implements: bell }),
    ];
    expect(lastTimeLine(lastTime(sets), 'two-leg')).toBe('Tue 17 Nov: 24 kg bell · 12, 11 reps · 2 in reserve at least');
  });

  it('says when nobody asked, and both sides of one-sided work', () => {
    const sides = (['left', 'right'] as const).map((side) =>
      aLoggedSet({ id: `set-${side}`, side, reps: side === 'left' ? 8 : 10, implements: [] }),
    );
    expect(lastTimeLine(lastTime(sides), 'one-leg')).toBe('Tue 17 Nov: bodyweight · 8/10 reps left/right · reserve not asked');
    expect(repsOf([sides[0]!], 'one-leg')).toBe('8/–');
  });
});
