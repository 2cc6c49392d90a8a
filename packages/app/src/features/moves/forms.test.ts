import { askModel, LEVEL_DEPTH } from '@drubo/core';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import { bodyOf, compareSchema, firstForm, segmentsOf, STEPS } from './compare-state';
import type { CompareForm } from './compare-state';
import { ownFormOf, ownResolver } from './own-form';

const problems = (over: Partial<CompareForm>, unit: 'kg' | 'lb' = 'kg') =>
  compareSchema(unit)
    .safeParse({ ...firstForm(unit), ...over })
    .error?.issues.map(({ path, message }) => `${path.join('.')}: ${message}`);

describe('the comparison’s form', () => {
  it.each([
    [{ height: '90' }, 'height: must be between 100 and 250 cm'],
    [{ height: '260' }, 'height: must be between 100 and 250 cm'],
    [{ mass: '-70' }, 'mass: must be a number in kg'],
    [{ mass: '' }, 'mass: is needed for the model'],
    [{ load: '900' }, 'load: must be between 0 and 400 kg'],
    [{ bandShort: '100', bandShortPull: '5' }, 'bandLongPull: is missing: a band needs two lengths, each with its pull'],
    [
      { bandShort: '150', bandShortPull: '5', bandLong: '100', bandLongPull: '9' },
      'bandLong: must be longer than the first length',
    ],
  ])('%j is refused with field and reason', (over, told) => expect(problems(over)).toContain(told));

  it('takes pounds and inches exactly, and no band when all its fields are empty', () => {
    // Source: 1 lb = 0.45359237 kg, 1 in = 2.54 cm exactly (1959 agreement).
    const parsed = compareSchema('lb').parse({ ...firstForm('lb'), height: '70', mass: '150', load: '45' });
    expect(parsed.heightCm).toBeCloseTo(177.8, 9);
    expect(parsed.massKg).toBeCloseTo(68.0388555, 9);
    expect(parsed.loadKg).toBeCloseTo(20.41165665, 9);
    expect(parsed.band).toEqual([]);
    expect(problems({ height: '39' }, 'lb')).toContain('height: must be between 39 and 98 in');
  });

  it('a longer thigh is longer in the model and in the drawing, by the same', () => {
    const input = compareSchema('kg').parse(firstForm('kg'));
    const [usual, long] = [0, 10].map((femurPercent) => ({ femurPercent, ankleDeg: 35 }));
    expect(bodyOf(input, long!).thighM / bodyOf(input, usual!).thighM).toBeCloseTo(1.1, 9);
    expect(segmentsOf(long!).thigh / segmentsOf(usual!).thigh).toBeCloseTo(1.1, 9);
  });

  it('a level thigh falls on one of the steps', () => {
    expect(LEVEL_DEPTH * (STEPS - 1)).toBeCloseTo(Math.round(LEVEL_DEPTH * (STEPS - 1)), 9);
    const body = bodyOf(compareSchema('kg').parse(firstForm('kg')), { femurPercent: 0, ankleDeg: 35 });
    const pose = askModel(body, getVariation(builtInCatalogue, 'front-squat').figure, {
      depth: LEVEL_DEPTH,
      loadKg: 40,
      values: {},
    });
    expect(pose?.status === 'feasible' && pose.thighDeg).toBeCloseTo(90, 9);
  });
});

describe('the form of a movement of one’s own', () => {
  const stepUp = getVariation(builtInCatalogue, 'step-up');
  const read = async (over: object) => {
    const options = { fields: {}, shouldUseNativeValidation: false } as never;
    const result = await ownResolver({ ...ownFormOf(stepUp, true), name: 'Own', ...over } as never, undefined, options);
    return result as { values: Record<string, unknown>; errors: Record<string, { message?: string }> };
  };

  it('reads lists line by line and comma by comma, and empty reps as none of its own', async () => {
    const { values } = await read({ aliases: ' crate , , box ', cues: 'Push\n\n Stand ', repsLow: '', repsHigh: '' });
    expect(values).toMatchObject({ aliases: ['crate', 'box'], cues: ['Push', 'Stand'], repRange: null, family: 'step' });
  });

  it.each([
    [{ name: ' ' }, 'name', 'must not be empty'],
    [{ family: null }, 'family', 'must be chosen'],
    [{ cues: '' }, 'cues', 'needs at least one'],
    [{ cues: 'a\nb\nc\nd\ne\nf' }, 'cues', 'at most 5'],
    [{ repsLow: '12', repsHigh: '8' }, 'repsHigh', 'must rise: the first number is the lower one'],
    [{ repsLow: '8', repsHigh: '' }, 'repsHigh', 'is missing: both ends, or neither'],
    [{ repsLow: '8.5' }, 'repsLow', 'must be a whole number of reps, or empty'],
    [{ loadPositions: [] }, 'loadPositions', 'needs at least one'],
  ])('%j: %s %s', async (over, field, message) => {
    expect((await read(over)).errors[field]?.message).toBe(message);
  });

  it('has the faults of what it is based on until others are chosen', async () => {
    expect((await read({})).values['faults']).toEqual(stepUp.faults);
    expect((await read({ faults: ['wobble'] })).values['faults']).toEqual(['wobble']);
  });

  it('shows a stored movement as it is, and a new one as a copy without its name', () => {
    expect(ownFormOf(stepUp, false).name).toBe('Step-up');
    expect(ownFormOf(stepUp, true)).toMatchObject({ name: '', family: 'step', repsLow: '8', repsHigh: '12' });
  });
});
