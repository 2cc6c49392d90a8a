import type { KitDto } from '@drubo/contracts';
import { addPerson, finish, logAll, startOn } from './fixture';
import { aCommand, startTestServer, stopAfterAll } from './harness';
import type { TestClient, TestServer } from './harness';

let server: TestServer;
let anna: TestClient;
beforeAll(async () => {
  server = await startTestServer();
  anna = await server.client('anna');
});
stopAfterAll(() => server);

const page = (personId: string) => anna.call('getPerson', { params: { personId } });
/** The studio with nothing that is held in a hand or lies on a back. */
const emptied = async (): Promise<void> => {
  const { kits } = await anna.call('getStudio');
  const { id, version, ...kit } = kits[0] as KitDto;
  await anna.call('saveKit', {
    params: { kitId: id },
    body: { command: aCommand(), version, kit: { ...kit, pieces: [], machines: [] } },
  });
};
const unfitted = async (): Promise<string[]> =>
  (
    await server.database
      .read(await studioId())
      .select<{ personId: string }>('SELECT personId FROM unfitted WHERE studioId = :studioId ORDER BY personId', {})
  ).map(({ personId }) => personId);
const studioId = async (): Promise<string> => (await server.database.models.studios.findOne())!.get().id;

it('a kit is saved at the cost of one row however many wait; their sheets are fitted when they are read', async () => {
  for (const id of ['person-kit-1', 'person-kit-2']) await addPerson(anna, id, { trainingAge: 'advanced' });
  await addPerson(anna, 'person-trains');
  const { nextSheet } = await page('person-trains');
  const { session } = await startOn(anna, nextSheet);
  await logAll(anna, session.id, nextSheet);
  await finish(anna, session.id);
  await anna.call('acceptReview', { params: { sessionId: session.id }, body: { command: aCommand(), choices: [] } });
  const before = (await page('person-kit-1')).nextSheet;
  const agreed = (await page('person-trains')).nextSheet;
  expect(before.items.some(({ dose }) => dose.load.externalKg > 0)).toBe(true);

  await emptied();
  // Nothing was worked out: both wait, and the one that is agreed stands and tells what changed.
  expect(await unfitted()).toEqual(['person-kit-1', 'person-kit-2']);
  const row = await server.database.models.sheets.findOne({ where: { id: before.id } });
  expect(row?.get().version).toBe(before.version);
  const after = (await page('person-kit-1')).nextSheet;
  expect(after.version).toBeGreaterThan(before.version);
  expect(after.items.every(({ dose }) => dose.load.externalKg === 0)).toBe(true);
  expect(await unfitted()).toEqual(['person-kit-2']);
  expect((await page('person-trains')).nextSheet.version).toBe(agreed.version);
  expect((await page('person-trains')).nextSheet.since?.length).toBeGreaterThan(0);

  // Read again, nothing is written again; on the floor's page it is fitted too.
  expect((await page('person-kit-1')).nextSheet.version).toBe(after.version);
  await anna.call('saveBooking', {
    params: { bookingId: 'booking-kit-2' },
    body: { command: aCommand(), personId: 'person-kit-2', date: '2026-11-23', time: '09:00' },
  });
  await anna.call('getFloor', { query: { date: '2026-11-23' } });
  expect(await unfitted()).toEqual([]);
});

it('a measured band is kept with its pull; one that pulls less where it is longer is refused by name', async () => {
  const { kits } = await anna.call('getStudio');
  const { id, version, ...kit } = kits[0] as KitDto;
  const withBand = (longerPull: number) => ({
    params: { kitId: id },
    body: {
      command: aCommand(),
      version,
      kit: {
        ...kit,
        gear: [
          {
            ...{ id: 'band-1', item: 'band' as const, heightCm: null, owned: 1 },
            band: {
              strength: 'light' as const,
              points: [
                { lengthCm: 60, pullKg: 4 },
                { lengthCm: 90, pullKg: longerPull },
              ],
            },
          },
        ],
      },
    },
  });
  const refused = await anna.refused('saveKit', withBand(3));
  expect(refused.fields).toMatchObject([{ path: 'body.kit.gear.0.band.points', message: 'must pull more where it is longer' }]);
  await anna.call('saveKit', withBand(9));
  const [saved] = (await anna.call('getStudio')).kits;
  expect(saved?.gear).toMatchObject([{ item: 'band', band: { strength: 'light', points: [{}, { pullKg: 9 }] } }]);
});
