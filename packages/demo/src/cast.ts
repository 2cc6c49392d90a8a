import { addDays } from '@drubo/core';
import type { Bundle } from '@drubo/contracts/bundle';

type Person = Bundle['people'][number];

/** What makes one person's logs theirs. Everybody here is invented. */
export interface Story {
  key: string;
  person: Pick<Person, 'name' | 'massKg' | 'heightCm' | 'goal' | 'trainingAge' | 'minutes' | 'note'>;
  /** Where Tove does it another way with them; left out: as usual. */
  schools?: Person['schools'];
  /** Weekdays they come (1 = Monday) and at what time. */
  days: readonly number[];
  time: string;
  /** The day from which they train by a plan of weeks; left out: Tove makes one sheet after another. */
  plannedFrom?: (today: string) => string;
  /** Weeks of logs behind today; 0 has none yet. */
  weeks: number;
  /** How strong they begin, as a multiple of what the first load asks, and what they gain a week. */
  strength: number;
  gainPerWeek: number;
  events: {
    /** Trains under the rep sensor. */
    sensed?: true;
    /** Gain ends this many weeks ago: a stall. */
    stallWeeksAgo?: number;
    /** Away between these two, in weeks ago. */
    layOff?: { from: number; to: number };
    /** Joint pain in one slot over the last sessions. */
    sore?: { slot: string; lastSessions: number; pain: number };
    /** The weaker leg and how many reps it is short. */
    weaker?: { side: 'left' | 'right'; reps: number };
    /** A fault that keeps coming back in one slot. */
    fault?: { slot: string; id: 'knees-cave' | 'heels-lift' | 'range-short'; every: number };
    /** A good last day in one slot: every set reaches the top of its range. */
    filledLast?: string;
    /** The last session still waits for its review. */
    lastUnreviewed?: boolean;
  };
}

/** The people of the lamp works. */
export const CAST: readonly Story[] = [
  {
    key: 'marit',
    person: {
      name: 'Marit Sole',
      massKg: 68,
      heightCm: 171,
      goal: 'build-muscle',
      trainingAge: 'intermediate',
      minutes: 45,
      note: 'Deckhand on the island ferry, 34. Strong hands, stands all day. Front squat since the summer.',
    },
    days: [2, 4],
    time: '09:00',
    plannedFrom: (today) => addDays(today, -84),
    weeks: 16,
    strength: 1.03,
    gainPerWeek: 0.01,
    events: { stallWeeksAgo: 5, fault: { slot: 'squat', id: 'knees-cave', every: 7 } },
  },
  {
    key: 'odran',
    person: {
      name: 'Odran Pell',
      massKg: 79,
      heightCm: 184,
      goal: 'get-stronger',
      trainingAge: 'advanced',
      minutes: 60,
      note: 'Cartographer, 41. Broke the left ankle years ago; the left leg tires first.',
    },
    days: [1, 2, 5],
    time: '07:30',
    plannedFrom: (today) => addDays(today, -70),
    weeks: 15,
    strength: 1.12,
    gainPerWeek: 0.008,
    events: { weaker: { side: 'left', reps: 3 }, sensed: true },
  },
  {
    key: 'yusra',
    person: {
      name: 'Yusra Feld',
      massKg: 62,
      heightCm: 163,
      goal: 'move-well',
      trainingAge: 'novice',
      minutes: 40,
      note: 'Keeps bees on the south slope, 57. Right kneecap sore since the last honey harvest.',
    },
    days: [2, 5],
    time: '11:15',
    weeks: 14,
    strength: 1.05,
    gainPerWeek: 0.011,
    events: { sore: { slot: 'lunge', lastSessions: 2, pain: 4 } },
  },
  {
    key: 'bastian',
    person: {
      name: 'Bastian Orre',
      massKg: 91,
      heightCm: 178,
      goal: 'fat-loss-and-capacity',
      trainingAge: 'intermediate',
      minutes: 35,
      note: 'Conducts the harbour choir, 48. On tour for five weeks in autumn. Left hamstring tight since.',
    },
    days: [1, 3],
    time: '17:00',
    plannedFrom: (today) => addDays(today, -21),
    weeks: 18,
    strength: 1.12,
    gainPerWeek: 0.008,
    events: {
      layOff: { from: 9, to: 4 },
      fault: { slot: 'hinge', id: 'range-short', every: 9 },
      lastUnreviewed: true,
      filledLast: 'squat',
      sore: { slot: 'hinge', lastSessions: 1, pain: 4 },
    },
  },
  {
    key: 'nell',
    person: {
      name: 'Nell Haverty',
      massKg: 74,
      heightCm: 169,
      goal: 'build-muscle',
      trainingAge: 'novice',
      minutes: 45,
      note: 'Paints the lighthouses, 29. First visit today, straight off the ladders and warm. Never lifted.',
    },
    schools: { order: 'straight-in' },
    days: [2],
    time: '13:00',
    weeks: 0,
    strength: 1,
    gainPerWeek: 0,
    events: {},
  },
  {
    key: 'iwan',
    person: {
      name: 'Iwan Drescher',
      massKg: 83,
      heightCm: 181,
      goal: 'power',
      trainingAge: 'advanced',
      minutes: 50,
      note: 'Mends tower clocks, 38. Rows in the summer regatta.',
    },
    days: [3],
    time: '18:30',
    weeks: 0,
    strength: 1,
    gainPerWeek: 0,
    events: {},
  },
  {
    key: 'petra',
    person: {
      name: 'Petra Alund',
      massKg: null,
      heightCm: null,
      goal: 'move-well',
      trainingAge: 'novice',
      minutes: 30,
      note: 'Baker, 52, up since three in the morning. Would rather not be weighed.',
    },
    days: [4],
    time: '14:00',
    weeks: 0,
    strength: 1,
    gainPerWeek: 0,
    events: {},
  },
  {
    key: 'corm',
    person: {
      name: 'Corm Wray',
      massKg: 77,
      heightCm: 174,
      goal: 'move-well',
      trainingAge: 'novice',
      minutes: 40,
      note: 'Retired harbour pilot, 71. Wants to step into a boat without a hand. No falls.',
    },
    days: [5],
    time: '10:00',
    weeks: 0,
    strength: 1,
    gainPerWeek: 0,
    events: {},
  },
];
