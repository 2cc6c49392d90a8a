import type { Load } from '../kit';
import type { SeenFault, SetRecord, SetSlot } from '../log';
import type { FaultId, FaultSeverity, SetEnding, SetId } from '../vocabulary';
import type { LiveItem } from './types';

/** What the trainer has entered about the set at hand. Nothing is pre-selected: null was not asked. */
export interface Pad {
  /** Reps, or the seconds of a timed set. */
  reps: number;
  load: Load;
  reserve: number | null;
  /** Of a hold: how much longer it could have gone on, s. */
  secondsLeft: number | null;
  faults: readonly SeenFault[];
  isUnclean: boolean;
  jointPain: number | null;
  /** Null: follows from the reps. */
  endedBy: SetEnding | null;
}

/** How much longer a hold could have gone on, s; the last means that long or longer. House default. */
export const SECONDS_LEFT = [0, 5, 10, 15, 20, 30] as const;

/** Tops of the reserve scales; they mean that many or more. Feelers leave much, so more can be said. */
export const RESERVE_CAPS = { work: 5, feeler: 10 } as const;

/** What a set is asked to be: the advice after the last one, else the sheet. */
export interface Asked {
  reps: number;
  load: Load;
}

/** The load a set was done with, as a load of the exercise. */
const loadOf = (set: SetRecord, item: Pick<LiveItem, 'dose'>): Load => ({
  position: item.dose.load.position,
  implements: set.implements,
  externalKg: set.externalKg,
});

/** A fresh pad: what is asked for, and nothing said yet. */
export const freshPad = ({ reps, load }: Asked): Pad => ({
  reps,
  load,
  reserve: null,
  secondsLeft: null,
  faults: [],
  isUnclean: false,
  jointPain: null,
  endedBy: null,
});

/** What an amended set had been asked to be. */
export const askedOf = (set: SetRecord, item: Pick<LiveItem, 'dose'>): Asked => ({
  reps: set.plannedSeconds ?? set.plannedReps ?? set.seconds ?? set.reps ?? 0,
  load: loadOf(set, item),
});

/** A logged set back on the pad, to be amended. */
export const padOf = (set: SetRecord, item: Pick<LiveItem, 'dose'>): Pad => ({
  reps: set.seconds ?? set.reps ?? 0,
  load: loadOf(set, item),
  reserve: set.reserve,
  secondsLeft: set.secondsLeft ?? null,
  faults: set.faults,
  isUnclean: set.clean === 'no',
  jointPain: set.jointPain,
  endedBy: set.endedBy,
});

const breaks = ({ severity }: SeenFault): boolean => severity !== 'note';

/** Whether the set counts as not clean: said so, or a fault above a note. */
export const isUnclean = (pad: Pad): boolean => pad.isUnclean || pad.faults.some(breaks);

/** Why the set ended: as said, else as planned when the reps are there, else by choice. */
export const endingOf = (pad: Pad, asked: Asked): SetEnding => pad.endedBy ?? (pad.reps >= asked.reps ? 'planned' : 'choice');

/** Whether logging this pad is logging exactly what was asked for. */
export const isAsPlanned = (pad: Pad, asked: Asked): boolean =>
  pad.reps === asked.reps &&
  pad.load.externalKg === asked.load.externalKg &&
  pad.reserve === null &&
  pad.secondsLeft === null &&
  pad.faults.length === 0 &&
  !pad.isUnclean &&
  pad.jointPain === null &&
  (pad.endedBy === null || pad.endedBy === 'planned');

const NEXT_SEVERITY: Record<FaultSeverity, FaultSeverity | null> = { note: 'breaks', breaks: 'dangerous', dangerous: null };

/** Tapping a fault: a note, then it breaks the set, then it was dangerous, then nothing again. */
export const tapFault = (faults: readonly SeenFault[], id: FaultId): SeenFault[] => {
  const seen = faults.find((fault) => fault.id === id);
  if (!seen) return [...faults, { id, severity: 'note' }];
  const severity = NEXT_SEVERITY[seen.severity];
  return faults.flatMap((fault) => (fault.id !== id ? [fault] : severity ? [{ id, severity }] : []));
};

/** A long press says dangerous at once. */
export const markDangerous = (faults: readonly SeenFault[], id: FaultId): SeenFault[] => [
  ...faults.filter((fault) => fault.id !== id),
  { id, severity: 'dangerous' },
];

/** What is said of a set when it is logged; the rest of its record is the keeper's to add. */
export const SAID_OF_A_SET = [
  'itemId',
  'kind',
  'side',
  'setIndex',
  'round',
  'parentSetId',
  'plannedReps',
  'plannedSeconds',
  'reps',
  'seconds',
  'endedBy',
  'faults',
  'clean',
  'jointPain',
  'feltWhere',
  'reserve',
  'reserveFrom',
  'secondsLeft',
  'tempoMeasured',
  'implements',
  'restBeforeSeconds',
  'loggedBy',
  'loggedAt',
  'removed',
] as const satisfies readonly (keyof SetRecord)[];
export type SetSaid = Pick<SetRecord, (typeof SAID_OF_A_SET)[number]>;

/** The record a pad becomes, as it is sent. `restBeforeSeconds` null: nobody measured it. */
export const setBodyOf = (
  pad: Pad,
  asked: Asked,
  item: Pick<LiveItem, 'id'> & { dose?: Pick<LiveItem['dose'], 'seconds'> },
  slot: SetSlot,
  known: {
    loggedAt: string;
    restBeforeSeconds: number | null;
    /** Four phases, where a sensor told them. */
    tempoMeasured?: readonly number[] | null;
    /** The round of a pair or circuit. */
    round?: number | null;
    /** The set a drop hangs from. */
    parentSetId?: SetId | null;
    /** Typed in from notes, nobody judged it. */
    isFromPaper?: boolean;
  },
): SetSaid => ({
  itemId: item.id,
  kind: slot.kind,
  side: slot.side,
  setIndex: slot.setIndex,
  round: known.round ?? null,
  parentSetId: known.parentSetId ?? null,
  ...(item.dose?.seconds === undefined
    ? { plannedReps: asked.reps, plannedSeconds: null, reps: pad.reps, seconds: null }
    : { plannedReps: null, plannedSeconds: asked.reps, reps: null, seconds: pad.reps }),
  endedBy: endingOf(pad, asked),
  faults: pad.faults,
  clean: isUnclean(pad) ? 'no' : known.isFromPaper ? 'not-judged' : 'yes',
  jointPain: pad.jointPain,
  feltWhere: [],
  reserve: pad.reserve,
  reserveFrom: pad.reserve === null ? null : 'client',
  ...(pad.secondsLeft === null ? {} : { secondsLeft: pad.secondsLeft }),
  tempoMeasured: known.tempoMeasured ?? null,
  implements: pad.load.implements,
  removed: false,
  loggedBy: 'trainer',
  loggedAt: known.loggedAt,
  restBeforeSeconds: known.restBeforeSeconds,
});

/** The record that undoes a logged set: everything as it was, marked as removed. */
export const removalOf = (set: SetRecord): SetSaid => ({
  ...(Object.fromEntries(SAID_OF_A_SET.map((key) => [key, set[key]])) as SetSaid),
  removed: true,
});
