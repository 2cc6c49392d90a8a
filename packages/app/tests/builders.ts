import { EMPTY_INTAKE } from '@drubo/contracts';
import type {
  CareDto,
  ComposingDto,
  PersonDetailDto,
  PersonDto,
  PersonRecordDto,
  RecordFields,
  SessionDetailDto,
  SessionRecordDto,
  SetRecordDto,
  SheetDto,
} from '@drubo/contracts';
import { defaultKit, startKit } from '@drubo/core';
import { planSheet } from '@drubo/core/composing';
import { PAIN_NOT_ASKED } from '@drubo/core/judging';
import { builtInCatalogue } from '@drubo/core/catalogue';
import { aSet } from '@drubo/core/testing';
import type { StoredCommand } from '../src/data/offline/types';

const PERSON = { goal: 'build-muscle', trainingAge: 'novice', massKg: 70 } as const;

/** The usual rack. */
export const aKit = (): SheetDto['kit'] => {
  const { pieces, machines, gear, items, ...room } = startKit('studio', 'kg');
  return {
    id: 'kit-00001',
    version: 1,
    personId: null,
    name: 'Rack',
    pieces: [...pieces],
    machines: [...machines],
    gear: [...gear],
    items: [...items],
    ...room,
  };
};

/** Nothing to watch. */
export const aCare = (over: Partial<CareDto> = {}): CareDto => ({
  state: 'train',
  reasons: [],
  questions: [],
  cautions: [],
  contact: null,
  medicine: '',
  weakerSide: null,
  drills: [],
  ...over,
});

/** The sheet a new novice gets, planned by the real code. */
export const aSheet = (over: Partial<SheetDto> = {}): SheetDto => ({
  id: 'sheet-0001',
  personId: 'person-0001',
  personName: 'Test Person',
  personMinutes: 45,
  personHeightCm: 170,
  version: 1,
  attempt: 0,
  state: 'next',
  minutes: 30,
  shape: 'straight-sets',
  intent: 'build',
  splitDay: null,
  minutesBudget: 45,
  kitId: null,
  blocks: [{ id: 'b0', role: 'main', kind: 'straight', roundRestSeconds: 0 }],
  isShaped: false,
  forDate: null,
  gaveUp: [],
  fittedTo: PERSON,
  schools: {},
  items: planSheet({
    context: { catalogue: builtInCatalogue, kit: defaultKit('kg'), room: null, person: PERSON, limits: [], pain: PAIN_NOT_ASKED },
    tracks: [],
    stage: { sessionsDone: 0, dayOfTraining: 0, daysSinceLast: null },
    schools: {},
    day: 20_000,
    pastOf: () => [],
  }).map(({ trackDose: _, dose, ...item }) => ({
    id: `item-${item.slot}-1`,
    blockId: 'b0',
    ...item,
    // Feelers have tests of their own.
    feelers: 0,
    proposed: dose,
    dose,
    edited: false,
    lastTime: null,
    past: [],
  })),
  leftOut: [],
  leftOff: [],
  limits: [],
  safety: {
    isHome: false,
    isAlone: false,
    hasSafeties: true,
    hasSpotter: false,
    hasPractisedBailOut: true,
    hasCollars: true,
    hasFullDiscs: true,
  },
  care: aCare(),
  kit: aKit(),
  createdAt: '2026-11-23T08:00:00.000Z',
  ...over,
});

/** What that sheet is composed from, once the person is no beginner any more. */
export const aComposing = (over: Partial<ComposingDto> = {}): ComposingDto => {
  const { personId, fittedTo, kit, safety } = aSheet();
  return {
    personId,
    day: 20_000,
    trainsOn: 20_000,
    fittedTo,
    secondGoal: null,
    daysPerWeek: 2,
    minutes: 45,
    stage: { sessionsDone: 12, dayOfTraining: 90, daysSinceLast: 3 },
    schools: {},
    limits: [],
    painClearedUpTo: null,
    tracks: [],
    starts: [],
    aids: {},
    drills: [],
    standings: [],
    dislikes: [],
    recent: [],
    pasts: [],
    places: [{ kit, safety }],
    ...over,
  };
};

export const SESSION_ID = 'sheet-0001-0';

/** A set of the goblet squat of that sheet, as the server would have it. */
export const aLoggedSet = (over: Partial<SetRecordDto> = {}): SetRecordDto => ({
  ...aSet(),
  id: `${SESSION_ID}-squat-0-both`,
  sessionId: SESSION_ID,
  itemId: 'item-squat-1',
  faults: [],
  deviceId: 'device-0001',
  loggedAt: '2026-11-23T09:00:00.000Z',
  ...over,
});

export const aDetail = (sets: SetRecordDto[] = [], over: Partial<SessionDetailDto['session']> = {}): SessionDetailDto => ({
  session: {
    id: SESSION_ID,
    sheetId: 'sheet-0001',
    personId: 'person-0001',
    state: 'live',
    date: '2026-11-23',
    startedAt: '2026-11-23T08:55:00.000Z',
    finishedAt: null,
    effort: null,
    note: '',
    entry: 'live',
    minutes: null,
    ...over,
  },
  sheet: aSheet({ state: 'started' }),
  sets,
  records: [],
  floorItems: [],
});

/** Something kept about that session beside its sets. */
export const aSessionRecord = (fields: SessionRecordDto['fields'], over: Partial<SessionRecordDto> = {}): SessionRecordDto => ({
  id: `record-${fields.kind}`,
  sessionId: SESSION_ID,
  revision: 1,
  removed: false,
  madeAt: '2026-11-23T09:05:00.000Z',
  receivedAt: null,
  deviceId: 'device-0001',
  deviceSeq: 1,
  fields,
  ...over,
});

let seq = 0;

/** A write as it lies in the queue. */
export const aStoredCommand = (over: Partial<Record<keyof StoredCommand, unknown>> = {}): StoredCommand => {
  seq += 1;
  return {
    id: `command-${seq}`,
    owner: 'studio/trainer',
    aggregate: 'sheet:sheet-0001',
    deviceId: 'device-0001',
    deviceSeq: seq,
    endpointId: 'logSet',
    params: { sessionId: SESSION_ID, setId: `${SESSION_ID}-squat-0-both` },
    body: {},
    state: 'waiting',
    reply: null,
    error: null,
    queuedAt: 0,
    settledAt: null,
    ...over,
    // Tests say as much of a write as they are about.
  } as StoredCommand;
};

export const aPerson = (over: Partial<PersonDto> = {}): PersonDto => ({
  id: 'person-0001',
  version: 3,
  name: 'Test Person',
  massKg: 68,
  heightCm: 171,
  goal: 'build-muscle',
  trainingAge: 'novice',
  minutes: 45,
  note: '',
  schools: {},
  archivedAt: null,
  createdAt: '2026-11-01T08:00:00.000Z',
  ...over,
});

/** A person's page with nothing on it yet. */
export const aPersonDetail = (over: Partial<PersonDetailDto> = {}): PersonDetailDto => ({
  person: aPerson(),
  nextSheet: aSheet(),
  liveSessionId: null,
  bookings: [],
  sessions: [],
  lastVerdicts: [],
  standings: [],
  intake: EMPTY_INTAKE,
  records: [],
  kits: [aKit()],
  later: [],
  ...over,
});

/** Something kept about that person. */
export const aPersonRecord = (id: string, fields: RecordFields, over: Partial<PersonRecordDto> = {}): PersonRecordDto => ({
  id,
  personId: 'person-0001',
  revision: 1,
  removed: false,
  savedAt: '2026-11-25T08:00:00.000Z',
  trainerId: 'trainer-1',
  fields,
  ...over,
});
