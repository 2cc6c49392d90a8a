import { contentOfSheet } from '@drubo/contracts';
import type { BodyOf, EndpointId, ParamsOf, QueryOf } from '@drubo/contracts';
import { aKitForm, aLimit, aMovementBody, anIntake, aPersonBody, aSessionNote, aSetBody, aTemplateForm } from './fixture';
import type { Filled } from './fixture';
import { aCommand, PASSWORD } from './harness';

type Samples = { [Id in EndpointId]: { params: ParamsOf<Id>; query: QueryOf<Id>; body: BodyOf<Id> } };

/** A valid request for every endpoint. The type makes a new endpoint's sample, and so its checks, compulsory. */
export const samplesFor = (on: Filled): Samples => {
  const bare = { params: {}, query: {}, body: undefined };
  const ofPerson = { params: { personId: on.personId }, query: {} };
  const ofRecord = { params: { personId: on.personId, recordId: on.recordId }, query: {} };
  const ofMovement = { params: { movementId: on.movementId }, query: {} };
  const ofSheet = { params: { sheetId: on.sheet.id }, query: {} };
  const ofTemplate = { params: { templateId: on.templateId }, query: {} };
  const ofSession = { params: { sessionId: on.sessionId }, query: {} };
  const ofFinished = { params: { sessionId: on.finishedSessionId }, query: {} };
  const [finishedItem] = on.finishedItems;
  if (!finishedItem) throw new Error('the finished session has no exercise');
  return {
    getAuth: bare,
    signIn: { ...bare, body: { loginName: 'anna', password: PASSWORD } },
    signOut: { ...bare, body: {} },
    createFirstTrainer: {
      ...bare,
      body: {
        studioName: 'Another',
        unit: 'kg',
        timeZone: 'Europe/Oslo',
        trainerName: 'Nobody',
        loginName: 'nobody',
        password: PASSWORD,
      },
    },
    openDemo: { ...bare, body: {} },
    join: { ...bare, body: { code: 'ABCDEFGHJK', trainerName: 'Nobody', loginName: 'nobody', password: PASSWORD } },
    changePassword: { ...bare, body: { current: PASSWORD, next: `${PASSWORD} again` } },
    saveKit: {
      params: { kitId: on.kitId },
      query: {},
      body: { command: aCommand(), version: 1, kit: aKitForm() },
    },
    removeKit: { params: { kitId: on.kitId }, query: {}, body: { command: aCommand() } },
    beginPlan: {
      params: { personId: on.personId, blockId: 'a-block-of-weeks' },
      query: {},
      body: {
        command: aCommand(),
        version: 0,
        wish: { start: '2026-11-23', weekdays: [0, 3], isSplit: false, replaces: false },
      },
    },
    changePlan: { ...ofPerson, body: { command: aCommand(), version: 0, blockId: 'a-block-of-weeks', lines: [], left: [] } },
    undoPlan: { ...ofPerson, body: { command: aCommand(), version: 0 } },
    endPlan: { ...ofPerson, body: { command: aCommand(), version: 0 } },
    keepPlanDay: {
      params: { personId: on.personId, sheetId: 'a-sheet-of-a-day' },
      query: {},
      body: { command: aCommand(), dayId: '0-1' },
    },
    getActivity: bare,
    makeInvite: { ...bare, body: {} },
    confirmPassword: { ...bare, body: { password: PASSWORD } },
    listDevices: bare,
    endDevices: { ...bare, body: { ids: ['a-device-elsewhere'] } },
    listInvites: bare,
    revokeInvite: { params: { inviteId: on.inviteId }, query: {}, body: { command: aCommand() } },
    removeTrainer: { params: { trainerId: on.trainerId }, query: {}, body: { command: aCommand() } },
    setTrainerRole: { params: { trainerId: on.trainerId }, query: {}, body: { command: aCommand(), role: 'trainer' } },
    getStudio: bare,
    saveStudio: { ...bare, body: { command: aCommand(), version: 1, name: 'Studio A', unit: 'kg', timeZone: 'Europe/Oslo' } },
    exportStudio: bare,
    getOfflinePack: bare,
    getHealth: bare,
    getReady: bare,
    listBackups: bare,
    makeBackup: { ...bare, body: {} },
    getFloor: { ...bare, query: { date: '2026-11-23' } },
    listPeople: { ...bare, query: { search: 'test', archived: 'no' } },
    getPerson: { ...ofPerson, body: undefined },
    savePerson: { ...ofPerson, body: aPersonBody({ version: 1 }) },
    setPersonArchived: { ...ofPerson, body: { command: aCommand(), archived: true } },
    erasePerson: { ...ofPerson, body: { command: aCommand() } },
    withdrawConsent: { ...ofPerson, body: { command: aCommand(), then: 'delete' } },
    exportPerson: { ...ofPerson, body: undefined },
    saveIntake: { ...ofPerson, body: { command: aCommand(), fields: anIntake(on.kitId) } },
    getLadderMoves: { ...ofPerson, body: undefined },
    listRecords: { ...ofPerson, body: undefined },
    saveRecord: { ...ofRecord, body: { command: aCommand(), fields: aLimit() } },
    setRecordRemoved: { ...ofRecord, body: { command: aCommand(), removed: true } },
    listMovements: bare,
    getMovement: { ...ofMovement, body: undefined },
    saveMovement: { ...ofMovement, body: aMovementBody({ version: 1 }) },
    setMovementRetired: { ...ofMovement, body: { command: aCommand(), retired: true } },
    saveBooking: {
      params: { bookingId: on.bookingId },
      query: {},
      body: { command: aCommand(), personId: on.personId, date: '2026-11-24', time: '09:30' },
    },
    setBookingCancelled: {
      params: { bookingId: on.bookingId },
      query: {},
      body: { command: aCommand(), cancelled: true },
    },
    getSheet: { params: { sheetId: on.sheet.id }, query: {}, body: undefined },
    saveSheet: {
      ...ofSheet,
      body: { command: aCommand(), version: on.sheet.version, content: contentOfSheet(on.sheet) },
    },
    getComposing: { ...ofSheet, body: undefined },
    copySheet: {
      params: { sheetId: on.sheet.id, copyId: `${on.sheet.id}-copy` },
      query: {},
      body: { command: aCommand(), on: '2026-12-03' },
    },
    removeCopy: { ...ofSheet, body: { command: aCommand() } },
    listTemplates: bare,
    saveTemplate: { ...ofTemplate, body: { command: aCommand(), form: aTemplateForm(on.sheet) } },
    removeTemplate: { ...ofTemplate, body: { command: aCommand() } },
    bringBack: { params: { sheetId: on.sheet.id, slot: 'squat' }, query: {}, body: { command: aCommand(), version: 1 } },
    startSession: {
      ...ofSession,
      body: { command: aCommand(), sheetId: on.sheet.id, startedAt: '2026-11-23T08:00:00.000Z' },
    },
    getSession: { ...ofSession, body: undefined },
    logSet: {
      params: { sessionId: on.sessionId, setId: on.setId },
      query: {},
      body: aSetBody(on.item, { faults: [{ id: 'knees-cave', severity: 'note' }], feltWhere: ['glutes'], reserve: 2 }),
    },
    saveSessionRecord: {
      params: { sessionId: on.sessionId, recordId: on.sessionRecordId },
      query: {},
      body: { command: aCommand(), madeAt: '2026-11-23T08:06:00.000Z', removed: false, fields: aSessionNote() },
    },
    getSessionHistory: { ...ofSession, body: undefined },
    getTrends: { ...ofPerson, query: { weeks: '8' }, body: undefined },
    getExerciseTrend: {
      params: { personId: on.personId, variationId: on.item.variationId },
      query: { weeks: '8' },
      body: undefined,
    },
    search: { ...bare, query: { words: 'test' } },
    finishSession: {
      ...ofSession,
      body: { command: aCommand(), finishedAt: '2026-11-23T08:45:00.000Z', effort: 7, note: 'calm' },
    },
    discardSession: { ...ofSession, body: { command: aCommand() } },
    getReview: { ...ofFinished, body: undefined },
    acceptReview: {
      ...ofFinished,
      body: {
        command: aCommand(),
        choices: [{ itemId: finishedItem.id, verdict: 'same-again', dose: finishedItem.dose }],
      },
    },
  };
};
