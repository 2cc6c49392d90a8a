import type { Bundle } from '@drubo/contracts/bundle';
import { BUNDLE_VERSION } from '@drubo/contracts/bundle';
import type { Context } from '../context';
import { toBooking, toMovement, toPerson, toSession, toSetRecord, toTrainer } from '../db/mappers/rows';

/** Everything of one studio as a bundle. Passwords, sign-ins and command replies stay behind. */
export const exportBundle = async (context: Context, studioId: string): Promise<Bundle> => {
  const scope = context.db.read(studioId);
  const studio = (await context.db.models.studios.findByPk(studioId))?.get();
  if (!studio) throw new Error(`studio ${studioId} is gone`);
  const byId = { order: [['id', 'ASC']] as [string, string][] };
  const items = await scope.all('sheetItems', {}, { order: [['position', 'ASC']] });
  return {
    format: 'drubo-bundle',
    version: BUNDLE_VERSION,
    exportedAt: context.clock.now().toISOString(),
    studio: { id: studio.id, name: studio.name, unit: studio.unit, timeZone: studio.timeZone },
    trainers: (await scope.all('trainers', {}, byId)).map(toTrainer),
    kits: (await scope.all('kits', {}, byId)).map(({ studioId: _, ...kit }) => kit),
    people: (await scope.all('people', {}, byId)).map(toPerson),
    bookings: (await scope.all('bookings', {}, byId)).map(toBooking),
    sheets: (await scope.all('sheets', {}, byId)).map(({ studioId: _, ...sheet }) => ({
      ...sheet,
      items: items
        .filter((item) => item.sheetId === sheet.id)
        .map(({ studioId: __, sheetId: ___, leverValues, ...item }) => ({ ...item, values: leverValues })),
    })),
    sessions: (await scope.all('sessions', {}, byId)).map(toSession),
    sets: (
      await scope.all(
        'setRevisions',
        {},
        {
          order: [
            ['id', 'ASC'],
            ['revision', 'ASC'],
          ],
        },
      )
    ).map(toSetRecord),
    tracks: (
      await scope.all(
        'tracks',
        {},
        {
          order: [
            ['personId', 'ASC'],
            ['slot', 'ASC'],
          ],
        },
      )
    ).map(({ studioId: _, estimatorState: __, leverValues, ...track }) => ({ ...track, values: leverValues })),
    movements: (
      await scope.all(
        'movements',
        {},
        {
          order: [
            ['id', 'ASC'],
            ['revision', 'ASC'],
          ],
        },
      )
    ).map(toMovement),
    decisions: (await scope.all('decisions', {}, byId)).map(({ studioId: _, trainerId: __, ...decision }) => decision),
  };
};
