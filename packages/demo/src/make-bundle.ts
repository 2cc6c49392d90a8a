import { BUNDLE_VERSION } from '@drubo/contracts/bundle';
import type { Bundle } from '@drubo/contracts/bundle';
import { addDays } from '@drubo/core';
import { daysOn } from './calendar';
import { CAST } from './cast';
import type { Story } from './cast';
import { LAMP_WORKS_KIT } from './kit';
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
export const demoBookings = (today: string): Bundle['bookings'] => CAST.flatMap((story) => bookingsOf(story, today));

/**
 * The demo studio on a given day: two racks in a converted lamp factory on the invented island of Skarrow, eight
 * invented people, months of logs for four of them. The same day and seed give the same bundle.
 */
export const makeDemoBundle = (today: string, seed = 20_261): Bundle => {
  const { pieces, machines, gear, items, ...room } = LAMP_WORKS_KIT;
  const kit = {
    id: 'lamp-works-kit',
    name: 'Lamp works, both racks',
    pieces: [...pieces],
    machines: [...machines],
    gear: [...gear],
    items: [...items],
    version: 1,
    personId: null,
    ...room,
  };
  const lives = CAST.map((story) => liveThrough(story, kit, today, seed));
  const exportedAt = `${today}T05:00:00.000Z`;
  return {
    format: 'drubo-bundle',
    version: BUNDLE_VERSION,
    exportedAt,
    studio: { id: 'lamp-works-skarrow', name: 'The Lamp Works, Skarrow', unit: 'kg', timeZone: 'Atlantic/Faroe' },
    trainers: [{ id: 'trainer-tove', name: 'Tove Lindmark', loginName: 'tove' }],
    kits: [kit],
    people: CAST.map((story) => ({
      id: `${story.key}-person`,
      version: 1,
      ...story.person,
      schools: {},
      archivedAt: null,
      createdAt: `${addDays(today, -7 * story.weeks - 2)}T10:00:00.000Z`,
    })),
    intakes: [],
    records: [],
    bookings: demoBookings(today),
    sheets: lives.flatMap((life) => life.sheets),
    sessions: lives.flatMap((life) => life.sessions),
    sets: lives.flatMap((life) => life.sets) as Bundle['sets'],
    tracks: lives.flatMap((life) => life.tracks),
    movements: lampWorksMovements(today),
    decisions: lives.flatMap((life) => life.decisions),
  };
};
