import { LIMITS, READINESS } from '@drubo/core/vocabulary';
import { EMPTY_INTAKE, healthInputOf, intakeFields, isPossibleBody, kitForm, recordFields, recordsOf } from '.';
import type { PersonRecordDto, RecordFields } from '.';
import { upgradeBundle } from './bundle';

const problemsOf = (fields: object): string[] =>
  recordFields.safeParse(fields).error?.issues.map(({ path }) => path.join('.')) ?? [];
const limit = {
  kind: 'limit',
  limit: 'knee-front',
  side: 'left',
  severity: 4,
  diagnosed: false,
  since: null,
  aggravates: [],
  note: '',
  askedOn: '2026-11-25',
};
const clearance = {
  kind: 'clearance',
  role: 'doctor',
  name: '',
  on: '2026-11-20',
  until: '2026-12-20',
  about: ['see-clinician'],
  scope: { families: ['squat'], range: 'full', maxLoadKg: null, side: 'both', painUpTo: null },
  note: '',
};
const measure = { kind: 'measure', on: '2026-11-25', massKg: 70, heightCm: null, thighCm: null, shankCm: null, trunkCm: null };

describe('records', () => {
  it.each<[string, object, string[]]>([
    ['a limit', limit, []],
    ['sore beyond ten', { ...limit, severity: 11 }, ['severity']],
    ['sore by halves', { ...limit, severity: 3.5 }, ['severity']],
    ['a hold set by hand', { ...limit, limit: 'see-clinician' }, ['limit']],
    ['since after it was asked', { ...limit, since: '2026-11-26' }, ['since']],
    ['a clearance', clearance, []],
    ['a clearance of nothing', { ...clearance, scope: { ...clearance.scope, families: [] } }, ['scope.families']],
    ['a clearance about nothing', { ...clearance, about: [] }, ['about']],
    ['a clearance that ends first', { ...clearance, until: '2026-11-19' }, ['until']],
    ['a measure', measure, []],
    ['a measure of nothing', { ...measure, massKg: null }, ['massKg']],
    ['a thigh in metres', { ...measure, thighCm: 0.45 }, ['thighCm']],
    ['a kind nobody knows', { ...measure, kind: 'horoscope' }, ['kind']],
  ])('%s', (_name, fields, problems) => expect(problemsOf(fields)).toEqual(problems));

  it.each([
    [120, 80, true],
    [80, 80, false],
    [80, 120, false],
    [20, 10, false],
  ])('pressure %d/%d: %s', (systolic, diastolic, isFine) =>
    expect(intakeFields.pressure.safeParse({ systolic, diastolic, on: '2026-11-25' }).success).toBe(isFine),
  );

  it('a taken away record counts for nothing; the others by their kind', () => {
    const record = (id: string, fields: object, removed = false) =>
      ({
        id,
        personId: 'p',
        revision: 1,
        removed,
        savedAt: '',
        trainerId: 't',
        fields: fields as RecordFields,
      }) satisfies PersonRecordDto;
    const records = [
      record('l', limit),
      record('gone', { ...limit, side: 'right' }, true),
      record('c', clearance),
      record('m', measure),
    ];
    expect(recordsOf(records, 'limit').map(({ id }) => id)).toEqual(['l']);
    const input = healthInputOf({ ...EMPTY_INTAKE, answers: { stroke: 'yes' } }, records, '2026-11-25');
    expect(input.limits).toEqual([{ id: 'l', limit: 'knee-front', side: 'left', severity: 4, askedOn: '2026-11-25' }]);
    expect(input.clearances).toMatchObject([{ id: 'c', about: ['see-clinician'] }]);
  });

  it('every limit may be what a clearance is about, every question may be answered', () => {
    expect(problemsOf({ ...clearance, about: [...LIMITS] })).toEqual([]);
    const answers = Object.fromEntries(READINESS.map((id) => [id, 'no']));
    expect(intakeFields.answers.safeParse(answers).success).toBe(true);
    expect(intakeFields.answers.safeParse({ hiccups: 'yes' }).success).toBe(false);
  });
});

describe('a body that can be', () => {
  it.each([
    [30, 200, false],
    [70, 175, true],
    [250, 150, false],
    [null, 175, true],
    [70, null, true],
    // Out of its own bounds it is told by them, not by this.
    [0, 175, true],
  ])('%s kg and %s cm: %s', (massKg, heightCm, isFine) => expect(isPossibleBody({ massKg, heightCm })).toBe(isFine));
});

it('a kit names each thing once', () => {
  const piece = { id: 'plate-5kg', type: 'plate', value: 5, unit: 'kg', owned: 2 };
  const kit = {
    personId: null,
    name: 'Rack',
    place: 'studio',
    pieces: [piece, piece],
    machines: [],
    gear: [],
    items: [],
    hasSafeties: true,
    hasCollars: true,
    hasFullDiscs: true,
  };
  expect(kitForm.safeParse(kit).error?.issues.map(({ path }) => path.join('.'))).toEqual(['pieces']);
  expect(kitForm.safeParse({ ...kit, pieces: [piece] }).success).toBe(true);
});

it('a file of before places and health notes is lifted: a studio with a rack, nothing asked, nothing assumed', () => {
  const old = { version: 3, kits: [{ id: 'kit-00001', name: 'Rack', pieces: [] }], sheets: [{ items: [{ slot: 'squat' }] }] };
  expect(upgradeBundle(old)).toMatchObject({
    version: 12,
    sessionRecords: [],
    intakes: [],
    records: [],
    kits: [
      { id: 'kit-00001', place: 'studio', personId: null, hasSafeties: true, items: expect.arrayContaining(['rack', 'wall']) },
    ],
    sheets: [{ items: [{ slot: 'squat', chosenWhy: [] }] }],
  });
});
