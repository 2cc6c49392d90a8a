import { builtInCatalogue } from '../catalogue';
import { planSheet } from '../composer';
import type { Block } from '../composer';
import { startKit } from '../kit';
import type { LiveItem, Running } from '../live';
import type { SetRecord } from '../log';
import { PAIN_NOT_ASKED } from '../progression';
import { onFloor } from '../session';
import type { FloorChange } from '../session';
import { aSet } from './builders';

/** Ready for anything: nobody is alone, and everything that keeps a bar safe is there. */
const SAFE = {
  isHome: false,
  isAlone: false,
  hasSafeties: true,
  hasSpotter: false,
  hasPractisedBailOut: true,
  hasCollars: true,
  hasFullDiscs: true,
};

/** A set of the goblet squat of a running session. */
export const aLoggedSet = (over: Partial<SetRecord> = {}): SetRecord => ({
  ...aSet(),
  id: 'session-1-squat-0-both',
  itemId: 'item-squat-1',
  loggedAt: '2026-11-23T09:00:00.000Z',
  ...over,
});

/** A new novice's four lifts, running: with these sets logged, and these changes of the day. */
export const aRunning = (
  sets: readonly SetRecord[] = [],
  {
    changes = [],
    block = {},
    ...over
  }: Partial<Running> & { changes?: readonly FloorChange<LiveItem>[]; block?: Partial<Block> } = {},
): Running => {
  const person = { goal: 'build-muscle', trainingAge: 'novice', massKg: 70 } as const;
  const { pieces, machines, gear, items: things } = startKit('studio', 'kg');
  const kit = { pieces, machines, gear, items: things };
  const items: LiveItem[] = planSheet({
    context: { catalogue: builtInCatalogue, kit, room: null, person, limits: [], pain: PAIN_NOT_ASKED },
    tracks: [],
    stage: { sessionsDone: 0, dayOfTraining: 0, daysSinceLast: null },
    schools: {},
    day: 20_000,
    pastOf: () => [],
  }).map((item) => ({ ...item, id: `item-${item.slot}-1`, blockId: 'b0', feelers: 0, past: [] }));
  const blocks = [{ id: 'b0', role: 'main' as const, kind: 'straight' as const, roundRestSeconds: 0, ...block }];
  const { content, ...floor } = onFloor<LiveItem>({ blocks, items }, changes);
  return {
    session: { date: '2026-11-23' },
    sheet: { ...content, kit, limits: [], fittedTo: person, safety: SAFE, care: { weakerSide: null } },
    sets,
    floor,
    checkIn: null,
    cutToday: new Set(),
    catalogue: builtInCatalogue,
    ...over,
  };
};
