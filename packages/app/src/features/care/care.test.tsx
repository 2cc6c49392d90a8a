import { act, fireEvent, screen, waitFor } from '@testing-library/react-native';
import { EMPTY_INTAKE } from '@drubo/contracts';
import type { RecordFields } from '@drubo/contracts';
import { SEGMENTS } from '@drubo/core';
import { READINESS_GROUPS } from '@drubo/core/vocabulary';
import { TASKS } from '@drubo/core/screening';
import type { Seen } from '@drubo/core/screening';
import { aCare, aPerson, aPersonDetail, aPersonRecord, aSheet } from '../../../tests/builders';
import { show } from '../../../tests/show';
import type { PersonWriter } from '../../data/use-person-writer';
import { CareCard } from '../people/CareCard';
import { NotesCard } from '../people/NotesCard';
import { stillOpen } from '../people/still-open';
import { areasOf, BODY_AREAS, OUTLINE } from './body-areas';
import { ClearancePanel } from './ClearancePanel';
import { changeBetween } from './conclusions';
import { LimitsPanel } from './LimitsPanel';
import { proportionsOf } from './proportions';
import { ReadinessForm } from './ReadinessForm';
import { nextOpen } from './steps';
import { TaskCard } from './TaskCard';

const mockQueue = { isReady: true, log: jest.fn(), save: jest.fn() };
const mockSnack = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ push: jest.fn(), setParams: jest.fn() }) }));
jest.mock('../../data/ids', () => ({ newId: () => 'record-new-1' }));
jest.mock('../../data/offline/QueueProvider', () => ({ useWriter: () => mockQueue }));
jest.mock('../../data/use-endpoint', () => ({ useEndpoint: () => ({ data: undefined }) }));
jest.mock('../../frame/SnackProvider', () => ({ useSnack: () => mockSnack }));

const TODAY = '2026-11-25';
const writer = (): jest.Mocked<PersonWriter> => ({
  isReady: true,
  isBusy: false,
  problem: null,
  clearProblem: jest.fn(),
  saveIntake: jest.fn().mockResolvedValue(true),
  saveRecord: jest.fn().mockResolvedValue(true),
  withdrawConsent: jest.fn().mockResolvedValue(true),
  setRemoved: jest.fn().mockResolvedValue(true),
});
const limit = (askedOn: string): RecordFields => ({
  kind: 'limit',
  limit: 'knee-front',
  side: 'left',
  severity: 4,
  diagnosed: false,
  since: null,
  aggravates: [],
  note: '',
  askedOn,
});
const press = async (name: string | RegExp) => {
  fireEvent.press(screen.getByRole('button', { name }));
  await act(async () => undefined);
};
beforeEach(() => jest.clearAllMocks());

describe('the body outline', () => {
  it('every place is a thumb away from every other, and inside its frame', () => {
    for (const [at, area] of BODY_AREAS.entries()) {
      expect(area.x).toBeGreaterThanOrEqual(24);
      expect(area.x).toBeLessThanOrEqual(OUTLINE.width - 24);
      for (const other of BODY_AREAS.slice(at + 1).filter(({ view }) => view === area.view)) {
        const apart = Math.max(Math.abs(area.x - other.x), Math.abs(area.y - other.y));
        expect([area.id, other.id, apart >= 48]).toEqual([area.id, other.id, true]);
      }
    }
  });

  it('the person’s left is on the right seen from the front and on the left from the back', () => {
    const [knee] = areasOf('knee-front', 'left');
    const [thigh] = areasOf('hamstring-sit-bone', 'left');
    expect(knee!.x).toBeGreaterThan(OUTLINE.middle);
    expect(thigh!.x).toBeLessThan(OUTLINE.middle);
  });
});

describe('limits', () => {
  it('a tapped place becomes a limit on its side, asked today', async () => {
    const given = writer();
    show(<LimitsPanel detail={aPersonDetail()} writer={given} today={TODAY} />);
    await press('right knee');
    await press('Sore 5 of 10');
    await press('Save the limit');
    expect(given.saveRecord).toHaveBeenCalledWith(
      'record-new-1',
      expect.objectContaining({ limit: 'knee-front', side: 'right', severity: 5, askedOn: TODAY }),
    );
  });

  it('one on record is changed, not doubled; an old one asks to be asked', async () => {
    const given = writer();
    const detail = aPersonDetail({ records: [aPersonRecord('limit-1', limit('2026-10-20'))] });
    show(<LimitsPanel detail={detail} writer={given} today={TODAY} />);
    expect(screen.getByText(/asked 36 days ago: ask again/)).toBeTruthy();
    await press('left knee: sore knee, front, 4 of 10');
    await press('Sore 2 of 10');
    await press('Save the limit');
    expect(given.saveRecord).toHaveBeenCalledWith('limit-1', expect.objectContaining({ severity: 2, askedOn: TODAY }));
  });

  it('“It is gone” takes it away with a way back', async () => {
    const given = writer();
    show(
      <LimitsPanel detail={aPersonDetail({ records: [aPersonRecord('limit-1', limit(TODAY))] })} writer={given} today={TODAY} />,
    );
    await press('Change the limit: sore knee, front');
    await press('It is gone');
    expect(given.setRemoved).toHaveBeenCalledWith('limit-1', true);
    await waitFor(() => expect(mockSnack).toHaveBeenCalled());
    mockSnack.mock.calls[0][0].undo();
    expect(given.setRemoved).toHaveBeenLastCalledWith('limit-1', false);
  });
});

describe('readiness', () => {
  it('what is ticked is yes, the rest of the group no, other groups stay unasked', async () => {
    const given = writer();
    show(<ReadinessForm intake={EMPTY_INTAKE} writer={given} />);
    fireEvent.press(screen.getByRole('button', { name: 'Asthma' }));
    await press('Only what is ticked: Heart, breath, head');
    const [{ answers }] = given.saveIntake.mock.calls[0] as [{ answers: Record<string, string> }];
    expect(answers['asthma']).toBe('yes');
    expect(answers['stroke']).toBe('no');
    expect(Object.keys(answers)).toHaveLength(READINESS_GROUPS['heart-breath-head'].length);
  });
});

describe('clearance', () => {
  const held = aPersonDetail({ intake: { ...EMPTY_INTAKE, consentOn: TODAY, answers: { stroke: 'yes' } } });

  it('begins about what holds, clears nothing by itself, and keeps the bound in kilograms', async () => {
    const given = writer();
    show(<ClearancePanel detail={held} writer={given} today={TODAY} />, { unit: 'lb' });
    expect(screen.getByText('See a clinician first')).toBeTruthy();
    await press('Record a clearance');
    fireEvent.press(screen.getByRole('button', { name: 'Squat' }));
    fireEvent.changeText(screen.getByLabelText('Heaviest load (lb)'), '45');
    await press('Record the clearance');
    const [, fields] = given.saveRecord.mock.calls[0] as [string, Extract<RecordFields, { kind: 'clearance' }>];
    expect(fields).toMatchObject({ about: ['see-clinician'], on: TODAY, scope: { families: ['squat'] } });
    // Source: 45 lb × 0.45359237 = 20.41 kg (1959 agreement).
    expect(fields.scope.maxLoadKg).toBeCloseTo(20.41, 2);
  });
});

describe('a task of the screening', () => {
  const task = TASKS[0]!;
  const nothing: Seen = { tasks: {}, kneeToWallCm: { left: null, right: null } };
  const changed = (name: string, seen = nothing): Seen => {
    const onChange = jest.fn();
    show(<TaskCard task={task} seen={seen} segments={SEGMENTS} onChange={onChange} />);
    fireEvent.press(screen.getByRole('button', { name }));
    return onChange.mock.calls[0][0] as Seen;
  };

  it.each([
    ['heels lift', { state: 'judged', faults: ['heels-lift'] }],
    ['Clean', { state: 'judged', faults: [] }],
    ['Couldn’t judge', { state: 'not-judged', faults: [] }],
    ['Skip this task', { state: 'skipped', faults: [] }],
  ])('%s', (name, want) => expect(changed(name).tasks['squat-side']).toMatchObject(want));

  it('a second fault joins the first, and pressing one again takes it off', () => {
    const first: Seen = { ...nothing, tasks: { 'squat-side': { state: 'judged', faults: ['heels-lift'], pains: [] } } };
    expect(changed('chest falls', first).tasks['squat-side']?.faults).toEqual(['heels-lift', 'chest-falls']);
    screen.unmount();
    expect(changed('heels lift', first).tasks['squat-side']?.faults).toEqual([]);
  });

  it('the knee to the wall takes a decimal comma; an emptied field is not measured', () => {
    const onChange = jest.fn();
    show(<TaskCard task={TASKS.at(-1)!} seen={nothing} segments={SEGMENTS} onChange={onChange} />);
    fireEvent.changeText(screen.getByLabelText('Left (cm)'), '9,5');
    expect(onChange).toHaveBeenLastCalledWith(expect.objectContaining({ kneeToWallCm: { left: 9.5, right: null } }));
    fireEvent.changeText(screen.getByLabelText('Left (cm)'), '');
    expect(onChange).toHaveBeenLastCalledWith(expect.objectContaining({ kneeToWallCm: { left: null, right: null } }));
  });
});

describe('the figure’s proportions', () => {
  const measure = (over: object) =>
    aPersonRecord(`m-${JSON.stringify(over)}`, {
      kind: 'measure',
      on: TODAY,
      massKg: null,
      heightCm: null,
      thighCm: null,
      shankCm: null,
      trunkCm: null,
      ...over,
    });
  it('take what was measured as a share of height, the table for the rest, nothing without a height', () => {
    const person = aPerson({ heightCm: 170 });
    const own = proportionsOf({ person, records: [measure({ thighCm: 51 })] });
    expect(own.thigh).toBeCloseTo(0.3, 6);
    expect(own.shank).toBe(SEGMENTS.shank);
    expect(proportionsOf({ person: aPerson({ heightCm: null }), records: [measure({ thighCm: 51 })] })).toBe(SEGMENTS);
  });
});

describe('two screenings', () => {
  const seen = (faults: ('wobble' | 'knees-cave')[], left: number | null, state: 'judged' | 'skipped' = 'judged'): Seen => ({
    tasks: { 'split-left': { state, faults, pains: [] } },
    kneeToWallCm: { left, right: null },
  });
  it('say what is gone, what is new, and how far the knee reaches now', () => {
    expect(changeBetween(seen(['wobble'], 6), seen(['knees-cave'], 8.5))).toEqual({
      gone: [{ task: 'split-left', fault: 'wobble' }],
      came: [{ task: 'split-left', fault: 'knees-cave' }],
      reach: [{ side: 'left', fromCm: 6, toCm: 8.5 }],
    });
  });
  it('a task skipped once says nothing about change', () =>
    expect(changeBetween(seen(['wobble'], null), seen([], 8, 'skipped'))).toEqual({ gone: [], came: [], reach: [] }));
});

describe('a person’s page', () => {
  it('says that nobody asked, rather than that nothing is wrong', () => {
    const questions = [{ code: 'readiness-not-asked', values: { open: 28 }, basis: 'house-default' }] as const;
    const nextSheet = aSheet({ care: aCare({ questions: [...questions] }) });
    show(<CareCard detail={aPersonDetail({ nextSheet })} />);
    expect(screen.getByText('Health not asked yet')).toBeTruthy();
  });

  it('a warning sign says one thing to do and is kept at once, with whom to call', async () => {
    mockQueue.save.mockResolvedValue({ status: 'done', reply: {} });
    const care = aCare({ contact: { name: 'Joren', phone: '55 01 17' } });
    show(<CareCard detail={aPersonDetail({ nextSheet: aSheet({ care }) })} />);
    await press('Warning signs');
    await press('Pain in chest, jaw or arm');
    expect(screen.getByText('Stop. Call an ambulance and don’t leave the person alone.')).toBeTruthy();
    expect(screen.getAllByText('Joren: 55 01 17').length).toBeGreaterThan(0);
    expect(mockQueue.save.mock.calls[0][0]).toMatchObject({
      endpointId: 'saveRecord',
      body: { fields: { kind: 'sign', sign: 'chest-pain' } },
    });
  });

  it('pinned notes stand first, and a note can be one to watch next time', async () => {
    mockQueue.save.mockResolvedValue({ status: 'done', reply: {} });
    const note = (text: string, pinned: boolean): RecordFields => ({ kind: 'note', on: TODAY, text, pinned, watch: false });
    show(
      <NotesCard
        detail={aPersonDetail({ records: [aPersonRecord('n1', note('later', false)), aPersonRecord('n2', note('first', true))] })}
      />,
    );
    const texts = screen.getAllByText(/^(first|later)$/).map((one) => one.props.children as string);
    expect(texts).toEqual(['first', 'later']);
    fireEvent.changeText(screen.getByLabelText('A note'), 'Band on.');
    await press('Watch next time');
    await press('Keep the note');
    expect(mockQueue.save.mock.calls[0][0].body.fields).toMatchObject({ kind: 'note', text: 'Band on.', watch: true });
  });

  it('a first visit goes on at the first step that is open, and is over once they train here', () => {
    expect(nextOpen(aPersonDetail())).toBe('training');
    const asked = { ...EMPTY_INTAKE, daysPerWeek: 2 };
    expect(nextOpen(aPersonDetail({ intake: asked }))).toBe('places');
    expect(stillOpen(aPersonDetail())).toEqual(['where', 'health', 'watch them move']);
    const session = {
      id: 's',
      sheetId: 'x',
      personId: aPerson().id,
      state: 'reviewed',
      date: TODAY,
      startedAt: `${TODAY}T08:00:00.000Z`,
      finishedAt: null,
      effort: null,
      note: '',
      entry: 'live',
      minutes: null,
    } as const;
    expect(stillOpen(aPersonDetail({ sessions: [{ session, personName: 'T', setsDone: 3 }] }))).toEqual([]);
  });
});
