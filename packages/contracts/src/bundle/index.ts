import { z } from 'zod';
import { id, instant, itemId, localDate, personId, reason, sessionId, sheetId, trainerId, version } from '../dto/basics';
import { shownName, storableText } from '../dto/text';
import { dose, doseWhy, kit, leverValues, trackMemory } from '../dto/dose';
import { intake, personRecord } from '../dto/health';
import { movement } from '../dto/movement';
import { booking, personFields } from '../dto/person';
import { choice, decision, SESSION_STATES } from '../dto/session';
import { sessionRecord } from '../dto/session-record';
import { setRecord } from '../dto/set';
import { standing } from '../dto/standing';
import { studioFields, trainerRole } from '../dto/studio';
import { planRevision } from '../dto/plan';
import { templateForm } from '../dto/composing';
import { SHEET_STATES, sheetShape } from '../dto/sheet';
import { DAY_ROLES, METHODS, SESSION_ENTRIES, STUDIO_ITEMS, VERDICTS } from '@drubo/core/vocabulary';

/** The version this build writes. Older ones are lifted by an upgrader each. */
export const BUNDLE_VERSION = 12;

const item = z.object({
  id,
  position: z.int().min(0),
  blockId: z.string().max(20),
  /** Whether the trainer put it there or changed it. */
  isOwn: z.boolean(),
  /** Taken off the sheet; kept because sets of a discarded try point at it. */
  removed: z.boolean(),
  slot: z.string().max(60),
  variationId: z.string().max(80),
  values: leverValues,
  method: z.enum(METHODS),
  methodChosen: z.boolean(),
  feelers: z.int().min(0).max(4),
  trackDose: dose,
  proposed: dose,
  dose,
  why: doseWhy,
  chosenWhy: z.array(reason).readonly(),
  /** What its track remembered when it was planned. */
  memory: trackMemory,
});

const track = z.object({
  personId,
  /** Which days of the plan it belongs to. */
  dayRole: z.enum(DAY_ROLES),
  memory: trackMemory,
  slot: z.string().max(60),
  variationId: z.string().max(80),
  values: leverValues,
  method: z.enum(METHODS),
  methodChosen: z.boolean(),
  dose,
  leftOut: z.boolean(),
  lastDecision: z
    .object({ verdict: z.enum(VERDICTS), reasons: z.array(reason).readonly(), sessionDate: localDate, edited: z.boolean() })
    .nullable(),
});

/** What can be erased for good. */
const GRAVE_KINDS = ['person', 'booking', 'sheet', 'session', 'kit'] as const;

/** A whole studio as one JSON file: the export format, and what the demo data is written in. */
export const bundle = z.object({
  format: z.literal('drubo-bundle'),
  version: z.literal(BUNDLE_VERSION),
  exportedAt: instant,
  studio: z.object({ id, ...studioFields }),
  trainers: z.array(
    z.object({
      id: trainerId,
      name: z.string().max(80),
      loginName: z.string().max(120),
      role: trainerRole,
      /** When a trainer left; what was written stays under the name. */
      removedAt: instant.nullable(),
    }),
  ),
  kits: z.array(kit),
  people: z.array(
    z.object({ id, version, ...personFields, archivedAt: instant.nullable(), createdAt: instant, loadedBefore: z.boolean() }),
  ),
  intakes: z.array(z.object({ personId, fields: intake })),
  records: z.array(personRecord),
  bookings: z.array(booking),
  sheets: z.array(
    z.object({
      id,
      personId,
      version,
      attempt: z.int().min(0),
      state: z.enum(SHEET_STATES),
      createdAt: instant,
      plannedOn: localDate,
      ...sheetShape,
      minutesBudget: sheetShape.minutesBudget.nullable(),
      isShaped: z.boolean(),
      forDate: localDate.nullable(),
      /** Which days of the plan it is one of; null: a day of its own. */
      dayRole: z.enum(DAY_ROLES).nullable(),
      /** Which day of the person's plan of weeks it was made for; null: it is beside one. */
      planDay: z.string().max(100).nullable(),
      items: z.array(item),
    }),
  ),
  sessions: z.array(
    z.object({
      id,
      sheetId,
      personId,
      state: z.enum(SESSION_STATES),
      date: localDate,
      startedAt: instant,
      finishedAt: instant.nullable(),
      effort: z.int().min(0).max(10).nullable(),
      note: z.string().max(2000),
      entry: z.enum(SESSION_ENTRIES),
      minutes: z.int().min(1).max(600).nullable(),
    }),
  ),
  sets: z.array(setRecord),
  /** Changes of the day, check-ins, notes and what was said afterwards, every revision. */
  sessionRecords: z.array(sessionRecord),
  tracks: z.array(track),
  /** Where each person stands, one a ladder. */
  standings: z.array(z.object({ personId, ...standing.shape })),
  /** Plans of weeks, every revision. */
  plans: z.array(planRevision),
  templates: z.array(z.object({ id, version, form: templateForm, savedAt: instant })),
  /** The studio's own movements, every revision. */
  movements: z.array(movement),
  /** `trainerId`: who decided; null in a file of before that was told. */
  decisions: z.array(
    z.object({
      id,
      sessionId,
      itemId,
      trainerId: trainerId.nullable(),
      decidedAt: instant,
      proposal: decision,
      chosen: choice,
    }),
  ),
  /** Ids of what was erased for good: none of them comes back. */
  tombstones: z.array(z.object({ id, kind: z.enum(GRAVE_KINDS), erasedAt: instant })),
  /** Whose health notes were deleted when they took their consent back, and when that was last. */
  withdrawals: z.array(z.object({ personId, at: instant })),
});
export type Bundle = z.infer<typeof bundle>;

/** Rows of a list in an unchecked file; the schema says afterwards what is wrong with them. */
const rows = (list: unknown): Record<string, unknown>[] =>
  Array.isArray(list) ? list.filter((row): row is Record<string, unknown> => typeof row === 'object' && row !== null) : [];

/**
 * What lifts a bundle of one version to the next. Version 1 knew no movements of a studio's own; version 2 no settings,
 * methods chosen by hand, feeler sets, machines, gear or schools; version 3 no intake, records or places; version 4 no blocks,
 * shapes or templates; version 5 no session records, and sessions without how they were entered; version 6 no days of a plan, nothing a track
 * remembers, and nobody who trained with loads before their health was asked about; version 7 no known lifts;
 * version 8 kept where somebody stands with the track that last stood there, and nobody's own words; version 9 no owners, not
 * who decided, and not what was erased; version 10 nobody's consent taken back; version 11 no plans of weeks.
 */
const UPGRADERS: Record<number, (file: Record<string, unknown>) => Record<string, unknown>> = {
  1: (file) => ({ ...file, version: 2, movements: [] }),
  2: (file) => ({
    ...file,
    version: 3,
    kits: rows(file['kits']).map((kit) => ({ machines: [], gear: [], ...kit })),
    people: rows(file['people']).map((person) => ({ schools: {}, ...person })),
    sheets: rows(file['sheets']).map((sheet) => ({
      plannedOn: String(sheet['createdAt']).slice(0, 10),
      ...sheet,
      items: rows(sheet['items']).map((item) => ({ values: {}, methodChosen: false, feelers: 0, ...item })),
    })),
    tracks: rows(file['tracks']).map((track) => ({ values: {}, methodChosen: false, ...track })),
  }),
  3: (file) => ({
    ...file,
    version: 4,
    kits: rows(file['kits']).map((given) => ({ ...OLD_KIT, ...given })),
    sheets: rows(file['sheets']).map((sheet) => ({
      ...sheet,
      items: rows(sheet['items']).map((given) => ({ chosenWhy: [], ...given })),
    })),
    intakes: [],
    records: [],
  }),
  4: (file) => ({
    ...file,
    version: 5,
    templates: [],
    sheets: rows(file['sheets']).map((sheet) => ({
      ...OLD_SHAPE,
      ...sheet,
      items: rows(sheet['items']).map((given) => ({ blockId: 'b0', isOwn: false, removed: false, ...given })),
    })),
  }),
  5: (file) => ({
    ...file,
    version: 6,
    sessions: rows(file['sessions']).map((given) => ({ entry: 'live', minutes: null, ...given })),
    sessionRecords: [],
  }),
  6: (file) => ({
    ...file,
    version: 7,
    people: rows(file['people']).map((given) => ({ loadedBefore: hasLoads(file, given['id']), ...given })),
    sheets: rows(file['sheets']).map((sheet) => ({
      dayRole: roleOfOld(sheet),
      ...sheet,
      items: rows(sheet['items']).map((given) => ({ memory: {}, ...given })),
    })),
    tracks: rows(file['tracks']).flatMap((given) =>
      oldRoles(file, given['personId']).map((dayRole) => ({ dayRole, memory: {}, ...given })),
    ),
  }),
  // Known lifts are records of a kind that older files have none of.
  7: (file) => ({ ...file, version: 8 }),
  8: (file) => ({
    ...file,
    version: 9,
    intakes: rows(file['intakes']).map(withoutChips),
    standings: oldStandings(file),
    tracks: rows(file['tracks']).map(withoutStanding),
  }),
  9: (file) => ({
    ...file,
    version: 10,
    trainers: rows(file['trainers']).map((given, at) => ({ role: at === 0 ? 'owner' : 'trainer', removedAt: null, ...given })),
    decisions: rows(file['decisions']).map((given) => ({ trainerId: null, ...given })),
    tombstones: [],
  }),
  10: (file) => ({ ...file, version: 11, withdrawals: [] }),
  11: (file) => ({
    ...file,
    version: 12,
    sheets: rows(file['sheets']).map((sheet) => ({ planDay: null, ...sheet })),
    plans: [],
  }),
};

/** Before version 9 nobody's own words were kept. */
const withoutChips = (given: Record<string, unknown>): Record<string, unknown> => ({
  ...given,
  fields: { ownWords: '', chips: [], ...rows([given['fields']])[0] },
});

const withoutStanding = ({ standing: _, ...track }: Record<string, unknown>): Record<string, unknown> => track;

/** What a track's last decision left somebody on, the newest of a ladder; a placement by hand where nothing was decided since. */
const oldStandings = (file: Record<string, unknown>): Record<string, unknown>[] => {
  const found = new Map<string, Record<string, unknown>>();
  const dated = rows(file['tracks']).flatMap((track) => {
    const [stands] = rows([track['standing']]);
    const [decided] = rows([track['lastDecision']]);
    if (!stands) return [];
    const personId = track['personId'];
    const [placed] = decided ? [] : placementsOf(file, personId, stands['ladderId']);
    const { on, by, why } = placed ?? { on: decided?.['sessionDate'] ?? '1970-01-01', by: 'review', why: null };
    return [{ personId, ...stands, on, by, why, reasons: decided?.['reasons'] ?? [] }];
  });
  for (const one of dated.sort((a, b) => String(a.on).localeCompare(String(b.on)))) {
    found.set(`${String(one.personId)} ${String((one as Record<string, unknown>)['ladderId'])}`, one);
  }
  return [...found.values()];
};

/** Where the trainer placed somebody on a ladder, the newest first. */
const placementsOf = (file: Record<string, unknown>, personId: unknown, ladderId: unknown) =>
  rows(file['records'])
    .filter((record) => record['personId'] === personId && record['removed'] !== true)
    .flatMap((record) => rows([record['fields']]))
    .filter((fields) => fields['kind'] === 'placement' && fields['ladderId'] === ladderId)
    .sort((a, b) => String(b['on']).localeCompare(String(a['on'])))
    .map(({ on, why }) => ({ on, by: 'hand', why: why ?? null }));

/** Whether somebody ever lifted anything: they go on with loads, and are asked about their health once. */
const hasLoads = (file: Record<string, unknown>, personId: unknown): boolean => {
  const own = new Set(
    rows(file['sessions'])
      .filter((session) => session['personId'] === personId)
      .map(({ id: sessionId }) => sessionId),
  );
  return rows(file['sets']).some((set) => own.has(set['sessionId']) && Number(set['externalKg']) > 0);
};

/** Before version 7 every sheet was one of the plan's days but a lighter one and one made without a plan. */
const roleOfOld = (sheet: Record<string, unknown>): unknown =>
  sheet['intent'] === 'lighter' || sheet['state'] === 'loose' ? null : (sheet['splitDay'] ?? 'all');

/** A person whose sheets are a split goes on with each track on both its days. */
const oldRoles = (file: Record<string, unknown>, personId: unknown): string[] => {
  const own = rows(file['sheets']).filter((sheet) => sheet['personId'] === personId && sheet['state'] !== 'later');
  const last = own.sort((a, b) => String(a['createdAt']).localeCompare(String(b['createdAt']))).at(-1);
  return last?.['shape'] === 'two-day-split' ? ['a', 'b'] : ['all'];
};

/** A sheet of before version 5: exercises one after another. */
const OLD_SHAPE = {
  shape: 'straight-sets',
  intent: 'build',
  splitDay: null,
  minutesBudget: null,
  kitId: null,
  blocks: [{ id: 'b0', role: 'main', kind: 'straight', roundRestSeconds: 0 }],
  isShaped: false,
  forDate: null,
};

/** What a kit of before version 4 was taken for: a studio with what studios have. */
const OLD_KIT = {
  version: 1,
  personId: null,
  place: 'studio',
  items: STUDIO_ITEMS,
  hasSafeties: true,
  hasCollars: true,
  hasFullDiscs: true,
};

/** A file's texts as they can be kept: what is refused at the door today was let in once, and an old file isn't lost for it. */
const storable = (value: unknown): unknown => {
  if (typeof value === 'string') return storableText(value);
  if (Array.isArray(value)) return value.map(storable);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, storable(inner)]));
};

const withShownName = (person: unknown): unknown => {
  if (typeof person !== 'object' || person === null || !('name' in person) || typeof person.name !== 'string') return person;
  return { ...person, name: shownName(person.name) };
};

/** A file of any known version as this version's; anything else is handed on for the schema to refuse. */
export const upgradeBundle = (file: unknown): unknown => {
  if (typeof file !== 'object' || file === null) return file;
  let lifted = storable(file) as Record<string, unknown>;
  for (let upgrade = UPGRADERS[Number(lifted['version'])]; upgrade; upgrade = UPGRADERS[Number(lifted['version'])]) {
    lifted = upgrade(lifted);
  }
  const { people } = lifted;
  return Array.isArray(people) ? { ...lifted, people: people.map(withShownName) } : lifted;
};
