import { useEffect, useState } from 'react';
import type { SessionDetailDto, SetRecordDto, SheetItemDto } from '@drubo/contracts';
import { isOfSlot, isSameMass, plannedReps } from '@drubo/core';
import type { SetSlot } from '@drubo/core';
import type { Advice } from '@drubo/core/judging';
import { sheetAggregate } from '../../data/offline/overlay';
import { useWriter } from '../../data/offline/QueueProvider';
import { adviceFor } from './advice-input';
import type { ExerciseFacts } from './advice-input';
import { askedOf, freshPad, padOf, removalOf, setBodyOf, setIdFor } from './pad';
import type { Asked, Pad } from './pad';
import { keepPlace, readPlace } from './place';
import type { Place } from './place';
import { currentExercise, exercisesOf } from './progress';
import type { Exercise } from './progress';

/** A second tap within this time is the same tap: a wet thumb must not log two sets. */
const DOUBLE_TAP_MS = 700;

/** The running session as the screen uses it: where the trainer stands, what is on the pad, and logging. */
export const useLive = (detail: SessionDetailDto) => {
  const { session } = detail;
  const writer = useWriter();
  const [place, setPlaceState] = useState<Place>(() => readPlace(session.id));
  const [isSettling, setSettling] = useState(false);
  const [countedFrom, setCountedFrom] = useState<number | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const setPlace = (change: Partial<Place>) => setPlaceState((before) => ({ ...before, ...change }));
  useEffect(() => keepPlace(session.id, place), [session.id, place]);
  useEffect(() => {
    if (!isSettling) return;
    const timer = setTimeout(() => setSettling(false), DOUBLE_TAP_MS);
    return () => clearTimeout(timer);
  }, [isSettling]);

  const exercises = exercisesOf(detail, place.extraSets, place.left);
  const exercise = currentExercise(exercises, place.itemId);
  const slot: SetSlot | undefined = place.slot ?? exercise?.next;
  const amended = exercise?.rows.find((row) => slot && isOfSlot(row.slot, slot))?.set ?? null;
  const item = exercise?.item;
  const advised = exercise && adviceFor(detail, exercise.item, exercise.variation, exercise.done, amended ? exercise.next : slot);
  const facts = advised?.facts ?? null;
  // Nothing is advised about a hold, whose seconds say nothing of reps and loads.
  const advice = exercise?.item.dose.seconds === undefined ? (advised?.advice ?? null) : null;
  const asked: Asked | undefined = item && (amended ? askedOf(amended, item) : askedBy(item, facts, advice));
  const pad: Pad | undefined = place.pad ?? (item && asked && (amended ? padOf(amended, item) : freshPad(asked)));

  const send = (setId: string, body: ReturnType<typeof setBodyOf>) =>
    writer.log({
      endpointId: 'logSet',
      params: { sessionId: session.id, setId },
      body,
      aggregate: sheetAggregate(session.sheetId),
    });

  /** Whether a write is safe on this device. When it is not, the pad stays as it is and the trainer is told. */
  const isKept = async (write: () => Promise<void>): Promise<boolean> => {
    try {
      await write();
      setProblem(null);
      return true;
    } catch (error) {
      setProblem(
        `Not logged: this device could not keep it (${error instanceof Error ? error.message : 'storage failed'}). Try again.`,
      );
      return false;
    }
  };

  /**
   * Logs or amends the set at hand, then stands at the next one. `change` is laid over the pad first. A second tap right
   * after a set is passed over unless it is deliberate.
   */
  const log = async (change: Partial<Pad> = {}, isDeliberate = false): Promise<void> => {
    if (!exercise || !slot || !pad || !asked || (isSettling && !isDeliberate)) return;
    const now = Date.now();
    setSettling(true);
    const previous = exercise.done.at(-1);
    const rest = countedFrom !== null && previous ? (countedFrom - Date.parse(previous.loggedAt)) / 1000 : -1;
    const body = setBodyOf({ ...pad, ...change }, asked, exercise.item, slot, {
      // An amendment says what was wrong, not that it happened later.
      loggedAt: amended?.loggedAt ?? new Date(now).toISOString(),
      restBeforeSeconds: amended ? amended.restBeforeSeconds : rest >= 0 ? Math.round(rest) : null,
    });
    if (!(await isKept(() => send(setIdFor(session.id, exercise.item, slot), body)))) return;
    setCountedFrom(null);
    // The last row of an exercise was just logged: stand at the next exercise that has one.
    const isLastRow = exercise.rows.filter((row) => !row.set).length <= (amended ? 0 : 1);
    // In a pair or circuit the next exercise comes after every set.
    const goesOn = (isLastRow || (exercise.inTurn && isLastSide(exercise, slot))) && !amended;
    setPlace({ slot: null, pad: null, itemId: goesOn ? null : exercise.item.id });
  };

  /** Logs the set at hand as ended by pain and leaves the exercise for today. */
  const stopForPain = async (): Promise<void> => {
    // Asked for in a dialog of its own: never the second half of a double tap.
    await log({ endedBy: 'pain' }, true);
    setPlace({ itemId: null });
  };

  return {
    exercises,
    exercise,
    slot,
    pad,
    asked,
    advice,
    facts,
    loads: facts?.loads ?? [],
    amended,
    place,
    problem,
    isReady: writer.isReady && !isSettling,
    log,
    stopForPain,
    change: (change: Partial<Pad>) => pad && setPlace({ pad: { ...pad, ...change } }),
    goTo: (itemId: string) => setPlace({ itemId, slot: null, pad: null }),
    choose: (chosen: SetSlot | null) => setPlace({ slot: chosen, pad: null, itemId: exercise?.item.id ?? null }),
    addSet: () =>
      exercise &&
      setPlace({
        itemId: exercise.item.id,
        slot: null,
        pad: null,
        extraSets: { ...place.extraSets, [exercise.item.id]: (place.extraSets[exercise.item.id] ?? 0) + 1 },
      }),
    /** Undoes a logged set; the record keeps it. */
    undo: async (set: SetRecordDto) => {
      if (await isKept(() => send(set.id, removalOf(set)))) setPlace({ slot: null, pad: null, itemId: set.itemId });
    },
    /** Leaves an exercise for today and stands at the next one. */
    leave: (itemId: string) => setPlace({ itemId: null, slot: null, pad: null, left: [...place.left, itemId] }),
    skipRest: (setId: string) => setPlace({ skippedRestAfter: setId }),
    countFromNow: () => setCountedFrom(Date.now()),
    setSession: (request: Omit<Parameters<typeof writer.log>[0], 'aggregate'>) =>
      writer.log({ ...request, aggregate: sheetAggregate(session.sheetId) }),
  };
};

/** Whether a row is the last of its set: the only one, or the second leg's. */
const isLastSide = ({ rows }: Exercise, slot: SetSlot): boolean =>
  rows.filter((row) => !row.set && row.slot.kind === slot.kind && row.slot.setIndex === slot.setIndex).length <= 1;

/** Reps and load of the coming set: as advised, else as the sheet says. */
const askedBy = (item: SheetItemDto, facts: ExerciseFacts | null, advice: Advice | null): Asked => {
  const next = advice?.next;
  const load = next && facts?.loads.find(({ externalKg }) => isSameMass(externalKg, next.loadKg));
  return { reps: item.dose.seconds ?? next?.reps ?? plannedReps(item.dose), load: load ?? item.dose.load };
};

export type Live = ReturnType<typeof useLive>;
