import type { SheetDto, SheetItemDto, SinceDto } from '@drubo/contracts';
import { allowedLoads, dayNumber, feelersLeft, isSameDose } from '@drubo/core';
import { timedBlocks } from '@drubo/core/composing';
import { sessionMinutes } from '@drubo/core/dose';
import { getVariation } from '@drubo/core/catalogue';
import { habitOf } from '@drubo/core/judging';
import { roleOf } from '@drubo/core/loop';
import type { Since } from '@drubo/core/loop';
import { dayOfKey, findDay } from '@drubo/core/weeks';
import type { Context } from '../context';
import type { SheetItemRow, SheetRow } from '../db/models';
import type { Scope } from '../db/scope';
import { doneBy } from '../person/exercise-history';
import { fittedTo } from '../person/judge-context';
import { localDateOf } from '../shared/local-date';
import { sinceOf } from './next-sheet';
import type { PersonFile } from '../person/person-file';
import { careOf, personPicture } from '../person/person-picture';
import { toSheetItem } from './sheet-plan';
import { itemsOf } from './sheet-items';

/** A sheet as it is shown: its items with what was done last time, its minutes, what was left out. */
export const readSheet = async (
  scope: Scope,
  context: Context,
  file: PersonFile,
  sheet: SheetRow,
  today: string | null = null,
): Promise<SheetDto> => (await readSheetWith(scope, context, file, sheet, today, [])).sheet;

/** The same, with exercises that came in while its session ran. */
export const readSheetWith = async (
  scope: Scope,
  context: Context,
  file: PersonFile,
  sheet: SheetRow,
  /** The day a waiting sheet is read for; null: as it was planned. */
  today: string | null,
  extraIds: readonly string[],
): Promise<{ sheet: SheetDto; extra: SheetItemDto[] }> => {
  const { person } = file;
  const rows = await itemsOf(scope, sheet.id);
  const since = today === null ? [] : await sinceOf(scope, file, sheet, rows, today);
  const day = today ?? (await todayOf(scope, context));
  const picture = await personPicture(file, day, sheet.kitId);
  const past = await file.historyBefore(await startOf(scope, sheet));
  const catalogue = await file.catalogue();
  const variationOf = (row: Pick<SheetItemRow, 'variationId'>) => getVariation(catalogue, row.variationId);
  const tracks = sheet.state === 'next' ? await file.tracks() : [];
  const asItem = (row: Omit<SheetItemRow, 'studioId'>): SheetItemDto => ({
    ...toSheetItem(row),
    feelers: feelersLeft(row),
    edited: !isSameDose(row.dose, row.proposed),
    lastTime: past.lastIn(row.slot),
    past: past.of(row.variationId),
  });
  const extraRows = extraIds.length === 0 ? [] : await scope.all('sheetItems', { sheetId: sheet.id, id: [...extraIds] });
  const shown: SheetDto = {
    id: sheet.id,
    personId: sheet.personId,
    personName: person.name,
    personMinutes: person.minutes,
    personHeightCm: person.heightCm,
    fittedTo: fittedTo(person, picture.health.age, habitOf(doneBy(catalogue, past), dayNumber(day)), picture.known),
    careful: picture.health.careful,
    notAsked: picture.health.notAsked,
    schools: person.schools,
    version: sheet.version,
    attempt: sheet.attempt,
    state: sheet.state,
    minutes: sessionMinutes(
      timedBlocks(
        { blocks: sheet.blocks, items: rows.map((row) => ({ ...row, feelers: feelersLeft(row) })) },
        variationOf,
        (row) => allowedLoads(picture.kit, picture.health.limits, variationOf(row), row.values),
      ),
    ),
    shape: sheet.shape,
    intent: sheet.intent,
    splitDay: sheet.splitDay,
    minutesBudget: sheet.minutesBudget ?? person.minutes,
    kitId: sheet.kitId,
    blocks: sheet.blocks,
    isShaped: sheet.isShaped,
    dayRole: sheet.dayRole,
    planDay: sheet.planDay,
    ofPlan: await placeInPlan(file, sheet.planDay),
    since: since.map(asSince(rows)),
    forDate: sheet.forDate,
    gaveUp: sheet.gaveUp,
    items: rows.map(asItem),
    leftOut: tracks
      .filter(
        (track) =>
          track.leftOut &&
          !rows.some(({ slot }) => slot === track.slot) &&
          track.dayRole === (sheet.dayRole ?? roleOf(sheet.splitDay)),
      )
      .map(({ slot, variationId, lastDecision }) => ({ slot, variationId, reasons: lastDecision?.reasons ?? [] })),
    leftOff: sheet.state === 'next' ? [...sheet.leftOff] : [],
    limits: picture.health.limits,
    safety: picture.safety,
    care: careOf(picture),
    kit: picture.kit,
    createdAt: sheet.createdAt,
  };
  return { sheet: shown, extra: extraRows.map(asItem) };
};

/** What a sheet is of a block that runs; null: of none. */
const placeInPlan = async (file: PersonFile, planDay: string | null): Promise<SheetDto['ofPlan']> => {
  if (planDay === null) return null;
  const { plan } = await file.plan();
  const dayId = plan && dayOfKey(plan.block, planDay);
  const found = plan && dayId !== null && findDay(plan.block, dayId);
  if (!found) return null;
  const { week, day, block } = found;
  return { role: day.role, kind: week.kind, week: week.index + 1, weeks: block.weeks.length };
};

/** A change since the sheet was agreed as it is told: what stands, and what it would be. */
const asSince =
  (rows: readonly SheetItemRow[]) =>
  ({ after, ...since }: Since): SinceDto => {
    const before = rows.find(({ id }) => id === since.itemId);
    if (!before) throw new Error(`what changed is about ${since.itemId}, which is on no sheet`);
    return {
      ...since,
      before: { variationId: before.variationId, values: before.values, dose: before.dose },
      after: after && { variationId: after.variationId, values: after.values, dose: after.dose },
    };
  };

/** Today where the studio is, for a sheet that isn't read for a certain day. */
const todayOf = async (scope: Scope, context: Context): Promise<string> => {
  const studio = await scope.studio();
  return localDateOf(context.clock.now(), studio?.timeZone ?? 'UTC');
};

/** When the sheet's own session began; null: it has none yet. */
const startOf = async (scope: Scope, { id, state }: SheetRow): Promise<string | null> => {
  if (state === 'next' || state === 'later') return null;
  const [own] = await scope.all('sessions', { sheetId: id, state: ['finished', 'reviewed', 'live'] }, { limit: 1 });
  return own?.startedAt ?? null;
};
