import { sessionIdFor } from '@drubo/contracts';
import type { BodyOf, SheetDto } from '@drubo/contracts';
import { aCommand } from './harness';
import type { TestClient } from './harness';

export const aPersonBody = (over: Partial<BodyOf<'savePerson'>> = {}): BodyOf<'savePerson'> => ({
  command: aCommand(),
  version: 0,
  name: 'Test Person',
  massKg: 70,
  heightCm: 175,
  schools: {},
  goal: 'build-muscle',
  trainingAge: 'intermediate',
  minutes: 45,
  note: '',
  ...over,
});

/** A set of an item as the app logs it in one tap. */
export const aSetBody = (item: SheetDto['items'][number], over: Partial<BodyOf<'logSet'>> = {}): BodyOf<'logSet'> => ({
  command: aCommand(),
  itemId: item.id,
  kind: 'work',
  side: 'both',
  setIndex: 0,
  round: null,
  parentSetId: null,
  plannedReps: item.dose.repsHigh,
  plannedSeconds: null,
  reps: item.dose.repsHigh,
  seconds: null,
  endedBy: 'planned',
  faults: [],
  clean: 'yes',
  jointPain: null,
  feltWhere: [],
  reserve: null,
  reserveFrom: null,
  tempoMeasured: null,
  implements: item.dose.load.implements,
  restBeforeSeconds: null,
  loggedBy: 'trainer',
  loggedAt: '2026-11-23T08:05:00.000Z',
  removed: false,
  ...over,
});

/** A movement of the studio's own, based on the step-up. */
export const aMovementBody = (over: Partial<BodyOf<'saveMovement'>> = {}): BodyOf<'saveMovement'> => ({
  command: aCommand(),
  version: 0,
  basedOn: 'step-up',
  name: 'Crate step-up',
  aliases: ['crate step'],
  family: 'step',
  cues: ['Whole foot on the crate'],
  cautions: ['Check that the crate stands still.'],
  repRange: { low: 8, high: 12 },
  loadPositions: ['sides', 'none'],
  levers: ['step-height', 'support'],
  prerequisites: ['bodyweight-squat'],
  ...over,
});

export const addPerson = async (client: TestClient, personId: string, over: Partial<BodyOf<'savePerson'>> = {}) => {
  await client.call('savePerson', { params: { personId }, body: aPersonBody(over) });
  return client.call('getPerson', { params: { personId } });
};

export const startOn = (client: TestClient, sheet: Pick<SheetDto, 'id' | 'attempt'>, startedAt = '2026-11-23T08:00:00.000Z') =>
  client.call('startSession', {
    params: { sessionId: sessionIdFor(sheet.id, sheet.attempt) },
    body: { command: aCommand(), sheetId: sheet.id, startedAt },
  });

/** Logs every planned set of a session at the top of its range. */
export const logAll = async (
  client: TestClient,
  sessionId: string,
  sheet: SheetDto,
  over: (slot: string) => Partial<BodyOf<'logSet'>> = () => ({}),
) => {
  for (const item of sheet.items) {
    for (let setIndex = 0; setIndex < item.dose.sets; setIndex += 1) {
      const sides = item.slot === 'lunge' ? (['left', 'right'] as const) : (['both'] as const);
      for (const side of sides) {
        const setId = `${sessionId}-${item.slot}-${setIndex}-${side}`;
        const body = aSetBody(item, { setIndex, side, ...over(item.slot) });
        await client.call('logSet', { params: { sessionId, setId }, body });
      }
    }
  }
};

export const finish = (client: TestClient, sessionId: string) =>
  client.call('finishSession', {
    params: { sessionId },
    body: { command: aCommand(), finishedAt: '2026-11-23T08:45:00.000Z', effort: 7, note: '' },
  });

/** A studio with something at every address: a booking, a running session with a set, a finished one. */
export const fillStudio = async (client: TestClient, prefix: string) => {
  const ids = {
    personId: `${prefix}-person-1`,
    bookingId: `${prefix}-booking-1`,
    setId: `${prefix}-set-0001`,
    movementId: `${prefix}-movement-1`,
  };
  await client.call('saveMovement', { params: { movementId: ids.movementId }, body: aMovementBody() });
  const { nextSheet: sheet } = await addPerson(client, ids.personId);
  await client.call('saveBooking', {
    params: { bookingId: ids.bookingId },
    body: { command: aCommand(), personId: ids.personId, date: '2026-11-23', time: '10:00' },
  });
  const { session } = await startOn(client, sheet);
  const [item] = sheet.items;
  if (!item) throw new Error('a fresh sheet has no exercise');
  await client.call('logSet', { params: { sessionId: session.id, setId: ids.setId }, body: aSetBody(item) });
  const done = await addPerson(client, `${prefix}-person-2`);
  const finished = await startOn(client, done.nextSheet);
  await finish(client, finished.session.id);
  return {
    ...ids,
    sheet,
    item,
    sessionId: session.id,
    finishedSessionId: finished.session.id,
    finishedItems: finished.sheet.items,
  };
};

export type Filled = Awaited<ReturnType<typeof fillStudio>>;
