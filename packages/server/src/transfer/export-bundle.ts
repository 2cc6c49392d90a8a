import type { PersonId } from '@drubo/core/vocabulary';
import type { Bundle } from '@drubo/contracts/bundle';
import { BUNDLE_VERSION } from '@drubo/contracts/bundle';
import type { SheetItemRow, SheetRow } from '../db/models';
import type { Scope } from '../db/scope';
import {
  toBooking,
  toKit,
  toMovement,
  toPerson,
  toRecord,
  toSession,
  toSessionRecord,
  toSetRecord,
  toStanding,
  toTrainer,
} from '../db/mappers/rows';
import { grouped } from '../shared/grouped';

type ListName = { [Name in keyof Bundle]: Bundle[Name] extends readonly unknown[] ? Name : never }[keyof Bundle];
type Head = Omit<Bundle, ListName>;
type Lists = { [Name in ListName]: () => AsyncIterable<Bundle[Name]> };

/** A bundle, read a piece at a time. */
export interface BundleParts {
  head: Head;
  lists: Lists;
  /** How many rows all lists have together, sheets with their exercises as one. */
  rows: number;
}

async function* once<Row>(read: () => Promise<Row[]>): AsyncGenerator<Row[]> {
  yield await read();
}

async function* mapped<Row, To>(pages: AsyncIterable<Row[]>, to: (row: Row) => To): AsyncGenerator<To[]> {
  for await (const page of pages) yield page.map(to);
}

const ordered = (...columns: string[]) => ({ order: columns.map((column): [string, string] => [column, 'ASC']) });

const asItem = ({ studioId: _, sheetId: __, ...item }: SheetItemRow) => item;

/** Sheets with what stands on them. */
async function* sheetsWithItems(scope: Scope, pages: AsyncIterable<SheetRow[]>): AsyncGenerator<Bundle['sheets']> {
  for await (const page of pages) {
    const items = await scope.all('sheetItems', { sheetId: page.map(({ id }) => id) }, ordered('position'));
    const itemsOf = grouped(items, ({ sheetId }) => sheetId);
    yield page.map(({ studioId: _, leftOff: __, gaveUp: ___, plannedMinutes: ____, ...sheet }) => ({
      ...sheet,
      items: (itemsOf.get(sheet.id) ?? []).map(asItem),
    }));
  }
}

/**
 * Everything of one studio as a bundle, or of one person of it, in pieces. Passwords, sign-ins and command replies stay
 * behind. Read within one snapshot the pieces belong together.
 */
export const bundleParts = async (scope: Scope, now: Date, personId: PersonId | null = null): Promise<BundleParts> => {
  const studio = await scope.studio();
  if (!studio) throw new Error(`studio ${scope.studioId} is gone`);
  const own = personId === null ? {} : { personId };
  const sessionIds = personId === null ? null : (await scope.all('sessions', own)).map(({ id }) => id);
  const ofSessions = sessionIds === null ? {} : { sessionId: sessionIds };
  const counts = await Promise.all([
    scope.count('sheets', own),
    scope.count('sessions', own),
    scope.count('setRevisions', ofSessions),
    scope.count('sessionRecords', ofSessions),
    scope.count('decisions', ofSessions),
    scope.count('personRecords', own),
  ]);
  return {
    head: {
      format: 'drubo-bundle',
      version: BUNDLE_VERSION,
      exportedAt: now.toISOString(),
      studio: { id: studio.id, name: studio.name, unit: studio.unit, timeZone: studio.timeZone },
    },
    rows: counts.reduce((sum, count) => sum + count, 0),
    lists: {
      trainers: () =>
        mapped(
          once(() => scope.all('trainers', {}, ordered('createdAt', 'id'))),
          (row) => ({ ...toTrainer(row), removedAt: row.removedAt }),
        ),
      kits: () =>
        once(async () =>
          (await scope.all('kits', {}, ordered('id')))
            .filter((kit) => !personId || [null, personId].includes(kit.personId))
            .map(toKit),
        ),
      people: () =>
        mapped(
          once(() => scope.all('people', personId === null ? {} : { id: personId }, ordered('id'))),
          (row) => ({ ...toPerson(row), loadedBefore: row.loadedBefore }),
        ),
      intakes: () =>
        mapped(
          once(() => scope.all('intakes', own, ordered('personId'))),
          (row) => ({ personId: row.personId, fields: row.fields }),
        ),
      records: () => mapped(scope.pages('personRecords', own, ['id', 'revision']), toRecord),
      bookings: () => mapped(scope.pages('bookings', own, ['id']), toBooking),
      sheets: () => sheetsWithItems(scope, scope.pages('sheets', own, ['id'])),
      sessions: () => mapped(scope.pages('sessions', own, ['id']), toSession),
      sets: () => mapped(scope.pages('setRevisions', ofSessions, ['id', 'revision']), toSetRecord),
      sessionRecords: () => mapped(scope.pages('sessionRecords', ofSessions, ['id', 'revision']), toSessionRecord),
      tracks: () =>
        mapped(
          once(() => scope.all('tracks', own, ordered('personId', 'dayRole', 'slot'))),
          ({ studioId: _, estimatorState: __, ...track }) => track,
        ),
      standings: () =>
        mapped(
          once(() => scope.all('standings', own, ordered('personId', 'ladderId'))),
          (row) => ({ personId: row.personId, ...toStanding(row) }),
        ),
      plans: () =>
        mapped(scope.pages('planRevisions', own, ['personId', 'revision']), ({ studioId: _, blockId: __, ...row }) => ({
          ...row,
          touched: row.touched && [...row.touched],
        })),
      templates: () =>
        mapped(
          once(() => scope.all('templates', {}, ordered('id'))),
          ({ studioId: _, ...row }) => row,
        ),
      movements: () =>
        mapped(
          once(() => scope.all('movements', {}, ordered('id', 'revision'))),
          toMovement,
        ),
      decisions: () => mapped(scope.pages('decisions', ofSessions, ['id']), ({ studioId: _, ...decision }) => decision),
      tombstones: () =>
        personId === null
          ? mapped(scope.pages('tombstones', {}, ['id']), ({ studioId: _, ...grave }) => grave)
          : once(() => Promise.resolve([])),
      withdrawals: () =>
        mapped(
          once(() => scope.all('withdrawals', own, ordered('personId'))),
          ({ personId: whose, at }) => ({ personId: whose, at }),
        ),
    },
  };
};

/** A whole bundle at once: one person's, or a small studio's. */
export const exportBundle = async (scope: Scope, now: Date, personId: PersonId | null = null): Promise<Bundle> => {
  const { head, lists } = await bundleParts(scope, now, personId);
  const all: Record<string, unknown[]> = {};
  for (const [name, pages] of Object.entries(lists)) {
    const rows: unknown[] = (all[name] = []);
    for await (const page of pages()) rows.push(...page);
  }
  return { ...head, ...all } as Bundle;
};

/** A bundle as JSON text, a page at a time, a row a line: whoever reads can tell how far it is. */
export async function* bundleText({ head, lists }: BundleParts): AsyncGenerator<string> {
  yield JSON.stringify(head).slice(0, -1);
  for (const [name, pages] of Object.entries(lists)) {
    yield `,"${name}":[`;
    let isFirst = true;
    for await (const page of pages()) {
      if (page.length > 0) yield `${isFirst ? '' : ','}\n${page.map((row) => JSON.stringify(row)).join(',\n')}`;
      isFirst &&= page.length === 0;
    }
    yield ']';
  }
  yield '}\n';
}
