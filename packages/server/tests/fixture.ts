import { READINESS } from '@drubo/core/vocabulary';
import { contentOfSheet, sessionIdFor } from '@drubo/contracts';
import type { BodyOf, FieldsOf, IntakeDto, SessionRecordFields, SheetDto } from '@drubo/contracts';
import { aCommand } from './harness';
import type { TestClient } from './harness';

export const aPersonBody = (over: Partial<BodyOf<'savePerson'>> = {}): BodyOf<'savePerson'> => ({
  command: aCommand(),
  version: 0,
  name: 'Test Person',
  massKg: 70,
  heightCm: 175,
  // Without drills, so that a sheet holds just its big lifts.
  schools: { order: 'straight-in' },
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

/** A home with two dumbbells and a sofa. */
export const aKitForm = (over: Partial<BodyOf<'saveKit'>['kit']> = {}): BodyOf<'saveKit'>['kit'] => ({
  personId: null,
  name: 'Home of a person',
  place: 'home',
  pieces: [{ id: 'dumbbell-8kg', type: 'dumbbell', value: 8, unit: 'kg', owned: 2 }],
  machines: [
    { id: 'press-1', item: 'leg-press', name: 'Leg press', steps: [{ label: '1', kg: 10 }], startKg: 20, assists: false },
  ],
  gear: [{ id: 'sofa-1', item: 'sofa', heightCm: 42, owned: 1 }],
  items: ['wall', 'cushion', 'broom'],
  hasSafeties: false,
  hasCollars: false,
  hasFullDiscs: false,
  ...over,
});

export const anIntake = (kitId: string, over: Partial<IntakeDto> = {}): IntakeDto => ({
  secondGoal: 'move-well',
  daysPerWeek: 2,
  dislikes: ['step-up'],
  ownWords: '',
  chips: [],
  places: [{ kitId, isAlone: false, hasSpotter: false, hasPractisedBailOut: true, safetyBarCm: 60, hookCm: 110 }],
  birthYear: 1980,
  answers: { asthma: 'no' },
  pressure: { systolic: 128, diastolic: 79, on: '2026-11-20' },
  surgery: null,
  guardianConsent: false,
  consentOn: null,
  contact: null,
  medicine: 'none',
  ...over,
});

export const aLimit = (over: Partial<FieldsOf<'limit'>> = {}): FieldsOf<'limit'> => ({
  kind: 'limit',
  limit: 'knee-front',
  side: 'left',
  severity: 4,
  diagnosed: false,
  since: null,
  aggravates: ['stairs-down'],
  note: 'worse downhill',
  askedOn: '2026-11-23',
  ...over,
});

/** A sheet as a template of its own. */
export const aTemplateForm = (sheet: SheetDto, name = 'Usual Tuesday'): BodyOf<'saveTemplate'>['form'] => {
  const { shape, intent, splitDay, minutesBudget, blocks, items } = contentOfSheet(sheet);
  return {
    name,
    shape,
    intent,
    splitDay,
    minutesBudget,
    blocks,
    items: items.map(({ blockId, slot, variationId, values, dose }) => ({ blockId, slot, variationId, values, dose })),
  };
};

/** Slots of a sheet's big lifts, in order. */
export const mainSlots = ({ items, blocks }: SheetDto): string[] =>
  items.filter(({ blockId }) => blocks.find(({ id }) => id === blockId)?.role === 'main').map(({ slot }) => slot);

/** Records that a person agreed to health notes. */
export const consent = (client: TestClient, personId: string) =>
  client.call('saveIntake', { params: { personId }, body: { command: aCommand(), fields: { consentOn: '2026-11-23' } } });

/** A person whose health was asked about, with nothing to hold them back; `asked: false` leaves every question open. */
export const addPerson = async (
  client: TestClient,
  personId: string,
  { asked = true, ...over }: Partial<BodyOf<'savePerson'>> & { asked?: boolean } = {},
) => {
  await client.call('savePerson', { params: { personId }, body: aPersonBody(over) });
  if (asked) {
    const answers = Object.fromEntries(READINESS.map((id) => [id, 'no' as const]));
    const body = { command: aCommand(), fields: { consentOn: '2026-11-01', answers } };
    await client.call('saveIntake', { params: { personId }, body });
  }
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
        const setId = `${sessionId}-${item.slot}-${setIndex}-${side}`.slice(-80);
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

export const aSessionNote = (text = 'Second rack today'): Extract<SessionRecordFields, { kind: 'note' }> => ({
  kind: 'note',
  text,
  itemId: null,
});

/** Keeps something about a session beside its sets. */
export const keep = (
  client: TestClient,
  sessionId: string,
  recordId: string,
  fields: SessionRecordFields,
  over: Partial<BodyOf<'saveSessionRecord'>> = {},
) =>
  client.call('saveSessionRecord', {
    params: { sessionId, recordId },
    body: { command: aCommand(), madeAt: '2026-11-23T08:03:00.000Z', removed: false, fields, ...over },
  });

/** A studio with something at every address: a booking, a running session with a set, a finished one. */
export const fillStudio = async (client: TestClient, prefix: string) => {
  const ids = {
    personId: `${prefix}-person-1`,
    bookingId: `${prefix}-booking-1`,
    setId: `${prefix}-set-0001`,
    movementId: `${prefix}-movement-1`,
    kitId: `${prefix}-kit-0001`,
    recordId: `${prefix}-record-1`,
    templateId: `${prefix}-template-1`,
    sessionRecordId: `${prefix}-session-note-1`,
  };
  await client.call('saveKit', { params: { kitId: ids.kitId }, body: { command: aCommand(), version: 0, kit: aKitForm() } });
  await client.call('saveMovement', {
    params: { movementId: ids.movementId },
    body: aMovementBody({ name: `Crate step-up, ${prefix}`, aliases: [`crate of ${prefix}`] }),
  });
  await addPerson(client, ids.personId);
  const record = { kind: 'note', on: '2026-11-23', text: 'Likes the morning', pinned: false, watch: false } as const;
  await client.call('saveRecord', {
    params: { personId: ids.personId, recordId: ids.recordId },
    body: { command: aCommand(), fields: record },
  });
  const { nextSheet: sheet } = await client.call('getPerson', { params: { personId: ids.personId } });
  await client.call('saveBooking', {
    params: { bookingId: ids.bookingId },
    body: { command: aCommand(), personId: ids.personId, date: '2026-11-23', time: '10:00' },
  });
  await client.call('saveTemplate', {
    params: { templateId: ids.templateId },
    body: { command: aCommand(), form: aTemplateForm(sheet) },
  });
  const { session } = await startOn(client, sheet);
  const [item] = sheet.items;
  if (!item) throw new Error('a fresh sheet has no exercise');
  await client.call('logSet', { params: { sessionId: session.id, setId: ids.setId }, body: aSetBody(item) });
  await client.call('saveSessionRecord', {
    params: { sessionId: session.id, recordId: ids.sessionRecordId },
    body: { command: aCommand(), madeAt: '2026-11-23T08:04:00.000Z', removed: false, fields: aSessionNote() },
  });
  await client.call('makeInvite', { body: {} });
  const [invite] = await client.call('listInvites');
  const [trainer] = (await client.call('getStudio')).trainers;
  const done = await addPerson(client, `${prefix}-person-2`);
  const finished = await startOn(client, done.nextSheet);
  await finish(client, finished.session.id);
  return {
    ...ids,
    inviteId: invite!.id,
    trainerId: trainer!.id,
    sheet,
    item,
    sessionId: session.id,
    finishedSessionId: finished.session.id,
    finishedItems: finished.sheet.items,
  };
};

export type Filled = Awaited<ReturnType<typeof fillStudio>>;
