import { decideSession } from '../progression';
import type { Decision, KeptStanding } from '../progression';
import type { SheetInput, Track } from '../composer';
import { logsOf } from './logs-of';
import { nextSheet } from './make-sheet';
import type { MadeAfter } from './make-sheet';
import { settle, withTracks } from './settle';
import { standingsAfter, withStandings } from './standings';
import type { Chosen, SettledItem } from './settle';
import type { JudgedWith, RanSession, SheetPlan } from './types';

/** From a trained session to the next sheet. */
export interface ReviewToSheet {
  ran: RanSession;
  judgedWith: JudgedWith;
  /** What the trainer picked; exercises not named are taken as proposed. */
  choices: readonly Chosen[];
  /** What was proposed for the exercises settled now; left out: all of them, judged here. */
  proposals?: readonly Decision[];
  tracks: readonly Track[];
  /** Where the person stood before, a ladder each. */
  standings: readonly KeptStanding[];
  /** What the next sheet is planned from, with the session counted among those done; its tracks and standings are these. */
  plannedFrom: (tracks: readonly Track[], standings: readonly KeptStanding[]) => SheetInput;
  after: MadeAfter;
}

/**
 * The whole way from what was logged to what comes next: verdicts, what was picked, tracks, sheet. The server, the demo
 * and every simulated person go this one way. `stood`: the standings that changed.
 */
export const afterReview = ({
  ran,
  judgedWith,
  choices,
  proposals,
  tracks,
  standings,
  plannedFrom,
  after,
}: ReviewToSheet): { settled: SettledItem[]; tracks: Track[]; stood: KeptStanding[]; sheet: SheetPlan } => {
  const judged = logsOf(ran, judgedWith);
  const settled = settle(judged, proposals ?? decideSession(judged.logs), choices, {
    sessionId: ran.sessionId,
    date: ran.date,
    dayRole: ran.sheet.dayRole ?? 'all',
    tracks,
  });
  const now = withTracks(
    tracks,
    settled.filter(({ isLate }) => !isLate).map(({ track }) => track),
  );
  const stood = standingsAfter(standings, settled, ran.date);
  const sheet = nextSheet(plannedFrom(now, withStandings(standings, stood)), after);
  return { settled, tracks: now, stood, sheet };
};
