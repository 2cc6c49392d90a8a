import { trackAfter } from '../composer';
import type { Settlement, Track } from '../composer';
import { standOn } from '../progression';
import type { Decision, ExerciseLog, Standing } from '../progression';
import type { DayRole, ItemId, SessionId } from '../vocabulary';
import type { JudgedSession } from './logs-of';

/** What was picked for one exercise; left out of the list: as proposed. */
export interface Chosen extends Settlement {
  itemId: ItemId;
  method?: Track['method'] | undefined;
}

/** One exercise settled: what was proposed, what was picked, and where that leaves the person. */
export interface SettledItem {
  itemId: ItemId;
  /** The movement that was trained. */
  trainedId: string;
  proposal: Decision;
  chosen: Chosen;
  track: Track;
  /** Where the person stands on the movement's ladder; null for one on no ladder. */
  standing: Standing | null;
  /** Whether a newer session decided about it already: then it is kept and shown, and overwrites nothing. */
  isLate: boolean;
}

/** The proposal as a choice: what "accept all" takes. */
export const asProposed = ({ itemId, verdict, dose, variationId, values }: Decision): Chosen => ({
  itemId,
  verdict,
  dose,
  ...(variationId === undefined ? {} : { variationId }),
  ...(values === undefined ? {} : { values }),
});

/** Where the person stands on the movement's ladder once this is settled. A new movement has shown nothing yet. */
const standingAfter = (sessionId: SessionId, log: ExerciseLog, track: Track): Standing | null => {
  const isSame = track.variationId === log.variation.id;
  const today = { sessionId, day: log.day, dose: log.dose, values: log.values, sets: log.sets };
  return standOn({
    catalogue: log.context.catalogue,
    kit: log.context.kit,
    variationId: track.variationId,
    values: track.values,
    dose: track.dose,
    bodyMassKg: log.bodyMassKg,
    sessions: isSame ? [...log.past, today] : [],
    log: isSame ? log : undefined,
  });
};

/** Settles exercises of a judged session: the chosen dose, uncapped, becomes the track's. */
export const settle = (
  { items, logs }: Pick<JudgedSession, 'items' | 'logs'>,
  proposals: readonly Decision[],
  choices: readonly Chosen[],
  { sessionId, date, dayRole, tracks }: { sessionId: SessionId; date: string; dayRole: DayRole; tracks: readonly Track[] },
): SettledItem[] =>
  proposals.map((proposal) => {
    const item = items.find(({ id }) => id === proposal.itemId);
    const log = logs.find(({ itemId }) => itemId === proposal.itemId);
    if (!item || !log) throw new Error(`settle: ${proposal.itemId} is no exercise of this session`);
    const chosen = choices.find(({ itemId }) => itemId === proposal.itemId) ?? asProposed(proposal);
    const track = trackAfter({ item, proposal, chosen, sessionDate: date, dayRole });
    const newest = tracks.find((one) => one.slot === track.slot && (one.dayRole ?? 'all') === dayRole)?.lastDecision?.sessionDate;
    const isLate = newest !== undefined && newest > date;
    return {
      itemId: item.id,
      trainedId: log.variation.id,
      proposal,
      chosen,
      track,
      standing: standingAfter(sessionId, log, track),
      isLate,
    };
  });

/** Tracks with newer ones in the place of those of their day and slot. */
export const withTracks = (tracks: readonly Track[], newer: readonly Track[]): Track[] => [
  ...tracks.filter(
    ({ slot, dayRole = 'all' }) => !newer.some((track) => track.slot === slot && (track.dayRole ?? 'all') === dayRole),
  ),
  ...newer,
];
