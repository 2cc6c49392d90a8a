import { act, fireEvent, screen, within } from '@testing-library/react-native';
import { EMPTY_INTAKE } from '@drubo/contracts';
import type { IntakeDto, PersonDetailDto, RecordFields } from '@drubo/contracts';
import { TASK_WORDS } from '@drubo/words/explain';
import { LADDERS } from '@drubo/core/knowledge';
import { TASKS } from '@drubo/core/screening';
import { FAMILIES, READINESS } from '@drubo/core/vocabulary';
import { aKit, aPerson, aPersonDetail, aPersonRecord, aSheet, aCare } from '../../../tests/builders';
import { show } from '../../../tests/show';
import { HealthScreen } from './HealthScreen';
import { IntakeScreen } from './IntakeScreen';
import { ReferralScreen } from './ReferralScreen';
import { ScreeningScreen } from './ScreeningScreen';
import { StaircasesScreen } from './StaircasesScreen';

// Screens of the first visit and of somebody's health, as a trainer goes through them. What they save is read from the writer.
const TODAY = '2026-11-25';
const mockRouter = { push: jest.fn(), replace: jest.fn(), back: jest.fn(), setParams: jest.fn(), canGoBack: () => false };
let mockParams: Record<string, string> = { personId: 'person-0001' };
let mockDetail = aPersonDetail();
let mockMoves: unknown;
let mockProblem: string | null = null;
const mockWriter = {
  isReady: true,
  isBusy: false,
  clearProblem: jest.fn(),
  saveIntake: jest.fn(),
  saveRecord: jest.fn(),
  setRemoved: jest.fn(),
  withdrawConsent: jest.fn(),
};
const mockQueue = { isReady: true, log: jest.fn(), save: jest.fn() };
const mockSnack = jest.fn();
const mockPrint = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => mockRouter, useLocalSearchParams: () => mockParams }));
jest.mock('../../data/ids', () => ({ newId: () => 'record-new-1' }));
jest.mock('../../data/print-text', () => ({ printText: (...args: unknown[]) => mockPrint(...args) }));
jest.mock('../../data/use-person', () => ({ usePerson: () => ({ data: mockDetail, error: null }) }));
jest.mock('../../data/use-person-writer', () => ({ usePersonWriter: () => ({ ...mockWriter, problem: mockProblem }) }));
jest.mock('../../data/use-endpoint', () => ({
  useEndpoint: (id: string) => ({ data: id === 'getLadderMoves' ? mockMoves : undefined, error: null }),
}));
jest.mock('../../data/offline/QueueProvider', () => ({ useWriter: () => mockQueue, useCommands: () => [] }));
jest.mock('../../frame/SnackProvider', () => ({ useSnack: () => mockSnack }));

const settled = () => act(async () => undefined);
const press = async (name: string | RegExp, at = 0) => {
  fireEvent.press(screen.getAllByRole('button', { name })[at]!);
  await settled();
};
const choose = async (group: string, name: string) => {
  fireEvent.press(within(screen.getByLabelText(group)).getByRole('radio', { name }));
  await settled();
};
const type = (label: string, text: string) => fireEvent.changeText(screen.getByLabelText(label), text);
const intakeSaved = () => mockWriter.saveIntake.mock.calls.at(-1)?.[0] as Partial<IntakeDto>;
const recordSaved = () => mockWriter.saveRecord.mock.calls.at(-1) as [string, RecordFields];
const given = (detail: Partial<PersonDetailDto>, params: Record<string, string> = {}) => {
  mockDetail = aPersonDetail(detail);
  mockParams = { personId: 'person-0001', ...params };
};
const agreed = (over: Partial<IntakeDto> = {}): IntakeDto => ({ ...EMPTY_INTAKE, consentOn: TODAY, ...over });

beforeEach(() => {
  jest.clearAllMocks();
  jest.useFakeTimers({ now: new Date(`${TODAY}T10:00:00.000Z`), doNotFake: ['queueMicrotask', 'setImmediate', 'nextTick'] });
  for (const save of [mockWriter.saveIntake, mockWriter.saveRecord, mockWriter.setRemoved]) save.mockResolvedValue(true);
  mockQueue.save.mockResolvedValue({ status: 'done', reply: {} });
  mockProblem = null;
  mockMoves = [];
  given({});
});
afterEach(() => jest.useRealTimers());

describe('a first visit', () => {
  it('opens at the first step that is open, says which of how many, and goes on and aside', async () => {
    given({ intake: agreed({ daysPerWeek: 2 }) });
    show(<IntakeScreen />);
    expect(screen.getByText('Test Person · step 2 of 6')).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Step 1: Training, done' })).toBeTruthy();
    await press('Next: Health');
    expect(mockRouter.setParams).toHaveBeenCalledWith({ step: 'health' });
    await press('Step 5: Watch them move');
    expect(mockRouter.setParams).toHaveBeenLastCalledWith({ step: 'watch' });
    await press('Go on later');
    expect(mockRouter.replace).toHaveBeenCalledWith('/people/person-0001');
  });

  it('training: days, a second goal, what they say, what they would rather not', async () => {
    given({}, { step: 'training' });
    show(<IntakeScreen />);
    await choose('Days a week', '3');
    expect(intakeSaved()).toEqual({ daysPerWeek: 3 });
    await choose('Second goal, after “build muscle”', 'Get stronger');
    expect(intakeSaved()).toEqual({ secondGoal: 'get-stronger' });
    await choose('Second goal, after “build muscle”', 'None');
    expect(intakeSaved()).toEqual({ secondGoal: null });
    type('Rather not: look for a movement', 'good morning');
    await press(/^Rather not: .*good morning/i);
    expect(intakeSaved().dislikes).toHaveLength(1);
    type('What they want, in their own words', 'a stronger deadlift, no lunges');
    await press(/^Confirm: rather not/);
    expect(intakeSaved().dislikes?.length).toBeGreaterThan(1);
    await press(/^Confirm: (?!rather)/);
    expect(intakeSaved().chips).toHaveLength(1);
    type('What they want, in their own words', 'qqq');
    expect(screen.getByText(/kept as a note, and no sheet reads it/)).toBeTruthy();
    await press('Keep the words');
    expect(intakeSaved()).toEqual({ ownWords: 'qqq' });
  });

  it('what was confirmed or is disliked can be taken back', async () => {
    const chips: IntakeDto['chips'] = [
      { kind: 'note', text: 'ski' },
      { kind: 'emphasis', emphasis: 'glutes' },
    ];
    given({ intake: agreed({ dislikes: ['goblet-squat'], chips, ownWords: 'ski' }) }, { step: 'training' });
    show(<IntakeScreen />);
    await press('Allow Goblet squat again');
    expect(intakeSaved()).toEqual({ dislikes: [] });
    await press('No longer: “ski”');
    expect(intakeSaved()).toEqual({ chips: [chips[1]] });
  });

  it('places: the studio under the trainer’s eye, a home alone; the usual one comes first', async () => {
    const home = { ...aKit(), id: 'kit-home1', personId: 'person-0001', name: 'Their flat', place: 'home' as const };
    given({ kits: [aKit(), home] }, { step: 'places' });
    const { again } = show(<IntakeScreen />);
    expect(screen.getByText(/Nobody said where/)).toBeTruthy();
    await press('Trains at Rack');
    const [rack] = intakeSaved().places!;
    expect(rack).toMatchObject({ kitId: 'kit-00001', isAlone: false });
    await press('Trains at Their flat');
    const [flat] = intakeSaved().places!;
    expect(flat).toMatchObject({ kitId: 'kit-home1', isAlone: true });

    given({ kits: [aKit(), home], intake: agreed({ places: [rack!, flat!] }) }, { step: 'places' });
    again(<IntakeScreen />);
    await press('Make it the usual');
    expect(intakeSaved().places?.map(({ kitId }) => kitId)).toEqual(['kit-home1', 'kit-00001']);
    await press('Has a spotter');
    expect(intakeSaved().places?.map(({ hasSpotter }) => hasSpotter)).toEqual([true, false]);
    await press('No longer at Their flat');
    expect(intakeSaved().places?.map(({ kitId }) => kitId)).toEqual(['kit-00001']);
    await press('Kit of Their flat');
    expect(mockRouter.push).toHaveBeenCalledWith('/studio/kit/kit-home1?person=person-0001');
  });

  it('places: bar heights in the studio’s unit, and a home kit of their own', async () => {
    const place = {
      kitId: 'kit-00001',
      isAlone: false,
      hasSpotter: false,
      hasPractisedBailOut: false,
      safetyBarCm: null,
      hookCm: null,
    };
    given({ kits: [{ ...aKit(), hasSafeties: true }], intake: agreed({ places: [place] }) }, { step: 'places' });
    show(<IntakeScreen />, { unit: 'lb' });
    type('Safety bars at (in)', 'low');
    expect(screen.getByText('Safety bars at must be a number in in')).toBeTruthy();
    type('Safety bars at (in)', '20');
    await press('Save the heights');
    // Source: 1 in = 2.54 cm (1959 agreement).
    expect(intakeSaved().places?.[0]?.safetyBarCm).toBeCloseTo(50.8, 1);
    await press('Their home');
    expect(mockQueue.save).toHaveBeenCalledWith(
      expect.objectContaining({ endpointId: 'saveKit', params: { kitId: 'record-new-1' } }),
    );
    expect(intakeSaved().places?.[0]).toMatchObject({ kitId: 'record-new-1', isAlone: true });
  });

  it('limits and watching wait for consent, which is one step away', async () => {
    given({}, { step: 'limits' });
    const { again } = show(<IntakeScreen />);
    expect(screen.getByText(/only with the person’s consent/)).toBeTruthy();
    await press('Ask for it');
    expect(mockRouter.setParams).toHaveBeenCalledWith({ step: 'health' });
    given({}, { step: 'watch' });
    again(<IntakeScreen />);
    expect(screen.getByText(/only with the person’s consent/)).toBeTruthy();
    given({ intake: agreed() }, { step: 'watch' });
    again(<IntakeScreen />);
    await press('Start watching');
    expect(mockRouter.push).toHaveBeenCalledWith('/people/person-0001/screening');
  });

  it('the last step names the state, each movement with its dose, and what is still open', async () => {
    const sheet = aSheet({ care: aCare({ state: 'train-with-limits' }) });
    given({ nextSheet: sheet, intake: agreed() }, { step: 'sheet' });
    show(<IntakeScreen />);
    expect(screen.getByText('Goblet squat')).toBeTruthy();
    expect(screen.getByText(/^Still open, whenever you like\. Training: days a week not asked\. Places and kit/)).toBeTruthy();
    await press(/^Open the sheet · 30 min/);
    expect(mockRouter.push).toHaveBeenCalledWith(`/sheet/${sheet.id}`);
  });
});

describe('somebody’s health', () => {
  it('begins with consent; nothing about health is asked before it', async () => {
    show(<HealthScreen />);
    expect(screen.queryByText('Blood pressure, if it was measured')).toBeNull();
    await press('They agree');
    expect(intakeSaved()).toEqual({ consentOn: TODAY });
  });

  it('year of birth, a guardian for the young, blood pressure with its day', async () => {
    given({ intake: agreed({ birthYear: 2010 }) });
    show(<HealthScreen />);
    await choose('Under 18, or may be: is a guardian’s consent on record?', 'Yes');
    expect(intakeSaved()).toEqual({ guardianConsent: true });
    type('Year of birth', '1960');
    fireEvent(screen.getByLabelText('Year of birth'), 'blur');
    expect(intakeSaved()).toEqual({ birthYear: 1960 });
    type('Upper (mmHg)', '132');
    type('Lower (mmHg)', '84');
    await press('Save the reading');
    expect(intakeSaved()).toEqual({ pressure: { systolic: 132, diastolic: 84, on: TODAY } });
  });

  it('an operation is asked about once somebody had one', async () => {
    given({ intake: agreed({ answers: { 'joint-replaced': 'yes' } }) });
    show(<HealthScreen />);
    type('What was done', 'Hip replaced');
    await choose('Side', 'left');
    await press('Save the operation');
    expect(intakeSaved().surgery).toEqual({ procedure: 'Hip replaced', on: TODAY, side: 'left' });
  });

  it('whom to call: half a contact is none, and the medicine is kept either way', async () => {
    given({ intake: agreed() });
    show(<HealthScreen />);
    type('Whom to call', 'Joren');
    type('Medicine they carry, and where', 'inhaler, left pocket');
    await press('Save for emergencies');
    expect(intakeSaved()).toEqual({ medicine: 'inhaler, left pocket' });
    type('Phone', '55 01 17');
    await press('Save for emergencies');
    expect(intakeSaved()).toEqual({ contact: { name: 'Joren', phone: '55 01 17' }, medicine: 'inhaler, left pocket' });
  });

  it('medicine is told once they agree; before that only whom to call is kept', async () => {
    given({ intake: { ...EMPTY_INTAKE, medicine: 'an inhaler' } });
    show(<HealthScreen />);
    expect(screen.queryByLabelText('Medicine they carry, and where')).toBeNull();
    expect(screen.getByText(/^Medicine, noted before they were asked: an inhaler\./)).toBeTruthy();
    type('Whom to call', 'Joren');
    type('Phone', '55 01 17');
    await press('Save for emergencies');
    expect(intakeSaved()).toEqual({ contact: { name: 'Joren', phone: '55 01 17' } });
  });

  it.each([
    ['Delete the notes', 'delete', 'The health notes are deleted.'],
    ['Archive the person', 'archive', 'Put away. The person is archived.'],
  ])('a consent taken back asks what becomes of the notes: %s', async (choice, then, told) => {
    given({ intake: agreed() });
    mockWriter.withdrawConsent.mockResolvedValue(true);
    show(<HealthScreen />);
    await press('They take it back');
    expect(mockWriter.withdrawConsent).not.toHaveBeenCalled();
    await press(choice);
    expect(mockWriter.withdrawConsent).toHaveBeenCalledWith(then);
    expect(mockSnack).toHaveBeenCalledWith({ text: told });
    expect(screen.queryByText('Consent taken back')).toBeNull();
  });

  it('readiness: one answer at a time, a group cleared in one tap', async () => {
    given({ intake: agreed() });
    show(<HealthScreen />);
    await press(/^None of these: Pregnancy and birth/);
    expect(Object.values(intakeSaved().answers ?? {})).toEqual(expect.arrayContaining(['no']));
    expect(intakeSaved().answers?.['pregnant']).toBe('no');
    expect(Object.keys(intakeSaved().answers ?? {}).length).toBeLessThan(READINESS.length);
  });

  it('measures: in the studio’s unit, each a number or nothing, kept by day', async () => {
    const old: RecordFields = {
      kind: 'measure',
      on: '2026-10-01',
      massKg: 70,
      heightCm: 170,
      thighCm: null,
      shankCm: null,
      trunkCm: null,
    };
    given({ records: [aPersonRecord('measure-1', old)] });
    show(<HealthScreen />, { unit: 'lb' });
    expect(screen.getByText(/1 Oct: 154\.3 lb · height 66\.9 in/)).toBeTruthy();
    type('Body mass (lb)', 'heavy');
    expect(screen.getByText('Body mass must be a number in lb')).toBeTruthy();
    type('Body mass (lb)', '150');
    await press('Lengths of leg and trunk, if you measure them');
    type('Thigh, hip joint to knee (in)', '17');
    await press('Save today’s measures');
    const [, fields] = recordSaved() as [string, Extract<RecordFields, { kind: 'measure' }>];
    // Sources: 1 lb = 0.45359237 kg, 1 in = 2.54 cm (1959 agreement).
    expect(fields.massKg).toBeCloseTo(68.04, 2);
    expect(fields.thighCm).toBeCloseTo(43.18, 1);
    expect(fields).toMatchObject({ on: TODAY, heightCm: null });
  });

  it('a clearance is changed and taken away, a sign noted by mistake too, each with a way back', async () => {
    const clearance: RecordFields = {
      kind: 'clearance',
      role: 'doctor',
      name: 'Dr Elm',
      on: '2026-01-01',
      until: '2026-06-01',
      about: ['see-clinician'],
      scope: { families: ['squat'], range: 'full', maxLoadKg: null, side: 'both', painUpTo: null },
      note: '',
    };
    const sign: RecordFields = { kind: 'sign', on: '2026-11-20', sign: 'chest-pain' } as RecordFields;
    given({
      intake: agreed({ answers: { stroke: 'yes' } }),
      records: [aPersonRecord('clear-1', clearance), aPersonRecord('sign-1', sign)],
    });
    show(<HealthScreen />);
    expect(screen.getByText(/ended\. Is there a new one\?/)).toBeTruthy();
    await press('Change this clearance');
    await choose('Who', 'Physiotherapist');
    await press('All movements');
    await press('Record the clearance');
    const [id, fields] = recordSaved() as [string, Extract<RecordFields, { kind: 'clearance' }>];
    expect([id, fields.role]).toEqual(['clear-1', 'physiotherapist']);
    expect(fields.scope.families).toEqual([...FAMILIES]);
    await press('Take this clearance away');
    expect(mockWriter.setRemoved).toHaveBeenCalledWith('clear-1', true);
    mockSnack.mock.calls.at(-1)![0].undo();
    expect(mockWriter.setRemoved).toHaveBeenLastCalledWith('clear-1', false);
    await press('Noted by mistake');
    expect(mockWriter.setRemoved).toHaveBeenLastCalledWith('sign-1', true);
  });

  it('a limit without a place on the body is found by name', async () => {
    given({ intake: agreed() });
    show(<HealthScreen />);
    await press('A limit without a place on the body');
    await press('poor balance, falls, numb feet');
    await press('Save the limit');
    expect(recordSaved()).toMatchObject(['record-new-1', { kind: 'limit', side: 'both' }]);
  });
});

describe('a screening', () => {
  it('is kept with every task that is passed, and says at the end what it comes to', async () => {
    given({ intake: agreed(), person: aPerson({ heightCm: 171 }) });
    show(<ScreeningScreen />);
    expect(screen.getByText(`Test Person · 1 of ${TASKS.length}`)).toBeTruthy();
    expect(screen.getByText('Nothing seen here yet.')).toBeTruthy();
    await press('heels lift');
    expect(screen.queryByText('Nothing seen here yet.')).toBeNull();
    await press('Next');
    expect(recordSaved()).toMatchObject([
      'record-new-1',
      { kind: 'screening', on: TODAY, done: false, seen: { tasks: { 'squat-side': { faults: ['heels-lift'] } } } },
    ]);
    await press('The task before');
    await press('Next');
    for (const task of TASKS.slice(1, -1)) {
      expect(screen.getByText(TASK_WORDS[task.id].name)).toBeTruthy();
      await press('Clean');
      await press('Next');
    }
    type('Left (cm)', '4');
    type('Right (cm)', '11');
    await press('What it comes to');
    expect(recordSaved()[1]).toMatchObject({ done: true, seen: { kneeToWallCm: { left: 4, right: 11 } } });
    expect(screen.getByText('Starts')).toBeTruthy();
    expect(screen.getByText('What was found')).toBeTruthy();
    type('A comment', 'tired today');
    fireEvent(screen.getByLabelText('A comment'), 'blur');
    expect(recordSaved()[1]).toMatchObject({ done: true, note: 'tired today' });
    await press('To the first sheet');
    expect(mockRouter.replace).toHaveBeenCalledWith('/people/person-0001/intake?step=sheet');
  });

  it('pain in a task becomes a limit to take over; one left half way goes on where it was', async () => {
    const draft: RecordFields = {
      kind: 'screening',
      on: TODAY,
      seen: { tasks: { 'squat-side': { state: 'judged', faults: [], pains: [] } }, kneeToWallCm: { left: null, right: null } },
      note: '',
      done: false,
    };
    given({ intake: agreed(), records: [aPersonRecord('half-way', draft)] });
    show(<ScreeningScreen />);
    expect(screen.getByText(`Test Person · 2 of ${TASKS.length}`)).toBeTruthy();
    await press('Pain in this task');
    await choose('Place', 'sore knee, front');
    await press('Pain 4 of 10');
    await press('Note the pain');
    await press('Next');
    const [id, fields] = recordSaved() as [string, Extract<RecordFields, { kind: 'screening' }>];
    expect(id).toBe('half-way');
    expect(Object.values(fields.seen.tasks).flatMap((task) => task?.pains ?? [])).toMatchObject([
      { limit: 'knee-front', severity: 4 },
    ]);
  });
});

describe('staircases', () => {
  const wellAsked = () => agreed({ answers: Object.fromEntries(READINESS.map((id) => [id, 'no'])) as IntakeDto['answers'] });

  it('show every ladder, say why a rung is locked, and place by hand with a reason', async () => {
    const ladder = LADDERS.find(({ id }) => id === 'two-leg-squat')!;
    given({ intake: wellAsked() });
    mockMoves = [{ on: '2026-11-01', from: null, to: 'goblet-squat', by: 'hand', reasons: [], why: 'did it for years' }];
    show(<StaircasesScreen />);
    expect(screen.getByText(/Placed by hand: did it for years/)).toBeTruthy();
    for (const { name } of LADDERS) expect(screen.getAllByText(name).length).toBeGreaterThan(0);
    await press(`${ladder.name}: not begun`);
    await press(/^Place on Goblet squat/);
    await press('Place here');
    expect(mockWriter.saveRecord).not.toHaveBeenCalled();
    type('Why', 'trained it for years');
    await press('Place here');
    expect(recordSaved()[1]).toMatchObject({ kind: 'placement', on: TODAY, ladderId: ladder.id, why: 'trained it for years' });
    expect(mockSnack).toHaveBeenCalledWith({ text: 'Placed. The waiting sheet follows.' });
  });

  it('a refusal is told in the dialog and nothing is placed', async () => {
    given({ intake: wellAsked() });
    mockWriter.saveRecord.mockResolvedValue(false);
    mockProblem = 'This person is archived.';
    show(<StaircasesScreen />);
    await press('Two-leg squat: not begun');
    await press(/^Place on /);
    type('Why', 'because');
    await press('Place here');
    expect(screen.getByText('This person is archived.')).toBeTruthy();
    expect(mockSnack).not.toHaveBeenCalled();
    await press('Cancel');
    expect(mockWriter.clearProblem).toHaveBeenCalled();
  });
});

describe('a referral note', () => {
  it('says who writes, what holds them back and what they do, and can be copied and printed', async () => {
    const writeText = jest.fn().mockResolvedValue(undefined);
    Object.defineProperty(globalThis, 'navigator', { value: { clipboard: { writeText } }, configurable: true });
    given({ intake: agreed({ answers: { stroke: 'yes' } }) });
    show(<ReferralScreen />);
    await press('Copy the note');
    const note = writeText.mock.calls[0]![0] as string;
    for (const part of ['Test Person', 'Goblet squat', 'T']) expect(note).toContain(part);
    expect(mockSnack).toHaveBeenCalledWith({ text: 'Copied.' });
    await press('Print the note');
    expect(mockPrint).toHaveBeenCalledWith('Referral, Test Person', note);
  });
});
