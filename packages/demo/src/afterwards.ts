import type { Bundle } from '@drubo/contracts/bundle';
import type { JointArea, SoreMuscle } from '@drubo/core/vocabulary';
import type { Story } from './cast';
import type { Dice } from './dice';

type Records = Bundle['sessionRecords'];
type Fields = Records[number]['fields'];

/** What the sore exercise of a story hurts. */
const SORE_AREA: Readonly<Record<string, JointArea>> = { lunge: 'knee', squat: 'knee', hinge: 'low-back', bridge: 'hip' };

/** Said after a session now and then, in their own words. */
const WORDS: Readonly<Record<string, readonly string[]>> = {
  marit: ['The map room stairs feel shorter.', 'Slept badly, but the squats woke me up.', 'Glutes, finally, not the back.'],
  odran: ['Hauled rope all week. Legs were there, hands were not.', 'Could have done one more set of pulls.'],
  yusra: ['Knee grumbled on the stairs this morning.', 'The low step was fine. The next one I felt.'],
  bastian: ['Out of breath, which is new for a conductor.', 'Left side wobbles when I think about it.'],
};

const MUSCLES: readonly SoreMuscle[] = ['front-thigh', 'glutes', 'hamstrings'];

/** What was asked before a session and said after it. */
export const aroundSession = (
  story: Story,
  session: { id: string; startedAt: string; finishedAt: string; effort: number | null },
  sessionsLeft: number,
  dice: Dice,
): Records => {
  const at = (minutes: number): string => new Date(Date.parse(session.startedAt) + minutes * 60_000).toISOString();
  const record = (name: string, madeAt: string, fields: Fields): Records[number] => ({
    id: `${session.id}-${name}`,
    sessionId: session.id,
    revision: 1,
    removed: false,
    madeAt,
    receivedAt: madeAt,
    deviceId: 'studio-phone-1',
    deviceSeq: 0,
    fields,
  });
  const { sore } = story.events;
  const isSore = sore !== undefined && sessionsLeft <= sore.lastSessions;
  const area = sore && SORE_AREA[sore.slot];
  const isAsked = isSore || dice.chance(0.7);
  const checkIn: Fields = {
    kind: 'check-in',
    answers: {
      sleep: dice.chance(0.2) ? 'short' : 'usual',
      energy: dice.chance(0.2) ? 'low' : 'usual',
      illness: 'none',
      painkillers: false,
      soreness: dice.chance(0.3) ? [{ muscle: MUSCLES[dice.whole(0, 2)] ?? 'glutes', level: dice.whole(1, 3) }] : [],
      joints: isSore && area ? [{ area, side: 'left', pain: Math.max(1, sore.pain - 1) }] : [],
      morning: isSore && sessionsLeft < sore.lastSessions ? 'settled' : 'none',
      outsideSport: dice.chance(0.25),
      pressure: null,
      minutes: null,
    },
  };
  const said = WORDS[story.key] ?? [];
  const after: Fields = {
    kind: 'after',
    effort: session.effort,
    minutes: null,
    feltWhere: dice.chance(0.8) ? ['glutes', ...(dice.chance(0.5) ? (['front-thigh'] as const) : [])] : [],
    words: sessionsLeft <= said.length && dice.chance(0.9) ? (said[sessionsLeft - 1] ?? '') : '',
  };
  return [
    ...(isAsked ? [record('check', at(0), checkIn)] : []),
    ...(dice.chance(0.15)
      ? [record('note', at(20), { kind: 'note', text: 'Moved to the second rack halfway.', itemId: null })]
      : []),
    record('after', session.finishedAt, after),
  ];
};
