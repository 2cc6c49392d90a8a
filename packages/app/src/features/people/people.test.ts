import { aPerson } from '../../../tests/builders';
import { formValuesOf, personFormSchema } from './person-form';

const typed = { ...formValuesOf(null, 'kg'), name: 'Ada Quill', goal: 'move-well', trainingAge: 'novice' } as const;
const check = (over: object, unit: 'kg' | 'lb' = 'kg') => personFormSchema(unit).safeParse({ ...typed, ...over });
const problems = (over: object, unit: 'kg' | 'lb' = 'kg') =>
  check(over, unit).error?.issues.map((issue) => `${issue.path.join('.')} ${issue.message}`);

describe('the person form', () => {
  it('takes a name, a goal, a training age and minutes; the rest may stay unknown', () => {
    expect(check({}).data).toEqual({
      name: 'Ada Quill',
      goal: 'move-well',
      trainingAge: 'novice',
      minutes: 45,
      massKg: null,
      heightCm: null,
      note: '',
      schools: {},
    });
  });

  it.each([
    [{ name: '  ' }, 'name must not be empty'],
    [{ goal: null }, 'goal must be chosen'],
    [{ mass: '0' }, 'mass must be between 25 and 350 kg'],
    [{ mass: 'heavy' }, 'mass must be a number in kg'],
    [{ mass: '-70' }, 'mass must be a number in kg'],
    [{ height: '17' }, 'height must be between 100 and 250 cm'],
    [{ minutes: '' }, 'minutes must be a whole number'],
    [{ minutes: '500' }, 'minutes must be at most 180 minutes'],
  ])('%j: %s', (over, problem) => expect(problems(over)).toEqual([problem]));

  it('reads a comma as a decimal point', () => expect(check({ mass: '71,5' }).data?.massKg).toBe(71.5));

  it('reads pounds and inches exactly, and tells bounds in them', () => {
    // Source: 1 lb = 0.45359237 kg and 1 in = 2.54 cm, exactly (1959 agreement).
    expect(check({ mass: '150', height: '70' }, 'lb').data).toMatchObject({ massKg: 68.0388555, heightCm: 177.8 });
    expect(problems({ mass: '20' }, 'lb')).toEqual(['mass must be between 55 and 772 lb']);
    expect(formValuesOf(aPerson(), 'lb')).toMatchObject({ mass: '149.9', height: '67.3' });
  });
});
