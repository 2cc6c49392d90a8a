import { TRAINER_ID } from './trainer';
import { BUNDLE_VERSION } from '@drubo/contracts/bundle';
import type { Bundle } from '@drubo/contracts/bundle';
import type { KitDto } from '@drubo/contracts';
import { addDays } from '@drubo/core';
import type { PlaceKit } from '@drubo/core';
import { daysOn } from './calendar';
import { CAST } from './cast';
import type { Story } from './cast';
import { fileOf } from './files';
import type { PersonFile } from './files';
import { CORM_HOME, LAMP_WORKS_KIT } from './kit';
import { liveThrough } from './live-through';
import { lampWorksMovements } from './movements';

/** How far ahead the regulars are booked. */
const DAYS_BOOKED = 56;
/** Who comes on the day the demo is made, whatever weekday it is. */
const TODAY: readonly string[] = ['odran', 'marit', 'yusra', 'nell'];

const bookingsOf = (story: Story, today: string): Bundle['bookings'] => {
  const later = daysOn(story.days, addDays(today, 1), addDays(today, DAYS_BOOKED));
  return [...(TODAY.includes(story.key) ? [today] : []), ...later].map((date) => ({
    id: `${story.key}-booking-${date}`,
    personId: `${story.key}-person`,
    date,
    time: story.time,
    cancelled: false,
  }));
};

/** Who comes when, on and after a day. */
export const demoBookings = (today: string, cast: readonly Story[] = CAST): Bundle['bookings'] =>
  cast.flatMap((story) => bookingsOf(story, today));

const asKit = (id: string, name: string, personId: string | null, kit: PlaceKit): KitDto => {
  const { pieces, machines, gear, items, ...room } = kit;
  return {
    id,
    version: 1,
    personId,
    name,
    pieces: [...pieces],
    machines: [...machines],
    gear: [...gear],
    items: [...items],
    ...room,
  };
};

/** Everybody who was asked trains somewhere: in the studio under Tove's eye, or alone at home. */
const withPlace = (file: PersonFile | null, kit: KitDto): PersonFile | null => {
  if (!file) return null;
  const isHome = kit.place === 'home';
  const place = {
    kitId: kit.id,
    isAlone: isHome,
    hasSpotter: !isHome,
    hasPractisedBailOut: !isHome,
    safetyBarCm: null,
    hookCm: null,
  };
  return { ...file, intake: { ...file.intake, places: [place] } };
};

/**
 * The demo studio on a given day: two racks in a converted lamp factory on the invented island of Skarrow, eight
 * invented people, months of logs for four of them. The same day and seed give the same bundle. `cast`: only these of them.
 */
export const makeDemoBundle = (today: string, seed = 20_261, cast: readonly Story[] = CAST): Bundle => {
  const studioKit = asKit('lamp-works-kit', 'Lamp works, both racks', null, LAMP_WORKS_KIT);
  const cormHome = asKit('corm-home-kit', 'Corm Wray’s home', 'corm-person', CORM_HOME);
  const files = cast.map((story) => ({
    story,
    file: withPlace(fileOf(story, today), story.key === 'corm' ? cormHome : studioKit),
  }));
  const lives = files.map(({ story, file }) =>
    liveThrough(story, { kit: story.key === 'corm' ? cormHome : studioKit, file }, today, seed),
  );
  const exportedAt = `${today}T05:00:00.000Z`;
  return {
    format: 'drubo-bundle',
    version: BUNDLE_VERSION,
    exportedAt,
    studio: { id: 'lamp-works-skarrow', name: 'The Lamp Works, Skarrow', unit: 'kg', timeZone: 'Atlantic/Faroe' },
    trainers: [{ id: TRAINER_ID, name: 'Tove Lindmark', loginName: 'tove', role: 'owner', removedAt: null }],
    kits: [studioKit, cormHome],
    people: cast.map((story) => ({
      id: `${story.key}-person`,
      version: 1,
      ...story.person,
      schools: story.schools ?? {},
      archivedAt: null,
      createdAt: `${addDays(today, -7 * story.weeks - 2)}T10:00:00.000Z`,
      loadedBefore: story.weeks > 0,
    })),
    intakes: files.flatMap(({ story, file }) => (file ? [{ personId: `${story.key}-person`, fields: file.intake }] : [])),
    records: files.flatMap(({ file }) => file?.records ?? []),
    bookings: demoBookings(today, cast),
    sheets: lives.flatMap((life) => life.sheets),
    sessions: lives.flatMap((life) => life.sessions),
    sessionRecords: lives.flatMap((life) => life.sessionRecords),
    sets: lives.flatMap((life) => life.sets) as Bundle['sets'],
    tracks: lives.flatMap((life) => life.tracks),
    standings: lives.flatMap((life) => life.standings),
    plans: lives.flatMap((life) => life.plans),
    templates: [],
    movements: lampWorksMovements(today),
    decisions: lives.flatMap((life) => life.decisions),
    tombstones: [],
    withdrawals: [],
  };
};
