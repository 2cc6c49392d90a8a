import { useEffect, useMemo, useState } from 'react';
import type { ContentItemDto, SessionRecordFields, SetRecordDto } from '@drubo/contracts';
import { isHardKind, isOfSlot, isSameMass, plannedReps } from '@drubo/core';
import type { Load, SetSlot } from '@drubo/core';
import type { Advice } from '@drubo/core/judging';
import type { ChangeCause, Role } from '@drubo/core/vocabulary';
import { newId } from '../../data/ids';
import { sheetAggregate } from '../../data/offline/overlay';
import { useWriter } from '../../data/offline/QueueProvider';
import { storageTrouble } from '../../data/offline/storage-trouble';
import { adviceFor } from './advice-input';
import type { ExerciseFacts } from './advice-input';
import type { FloorDetail } from './floor';
import { askedOf, freshPad, padOf, removalOf, setBodyOf, setIdFor } from './pad';
import type { Asked, Pad } from './pad';
import { keepPlace, readPlace } from './place';
import type { Place } from './place';
import { currentExercise, exercisesOf, rampsOf, slotAfterRamp } from './progress';
import type { Exercise } from './progress';

/** A second tap within this time is the same tap: a wet thumb must not log two sets. */
const DOUBLE_TAP_MS = 700;
/** A drop takes this share of the load off, or what the kit has below it. House default. */
const DROP_SHARE = 0.2;
/** Minutes between sets typed in from paper: nobody timed them. */
const PAPER_STEP_MS = 150_000;

/** Something just changed about the session, and how to take it back. */
export interface LastChange {
  text: string;
  undo(): void;
}

/** The running session as the screen uses it: where the trainer stands, what is on the pad, logging, and changes of the day. */
export const useLive = (detail: FloorDetail) => {
  const { session } = detail;
  const writer = useWriter();
  const [place, setPlaceState] = useState<Place>(() => readPlace(session.id));
  const [isSettling, setSettling] = useState(false);
  const [countedFrom, setCountedFrom] = useState<number | null>(null);
  const [measured, setMeasured] = useState<readonly number[] | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [lastChange, setLastChange] = useState<LastChange | null>(null);
  const setPlace = (change: Partial<Place>) => setPlaceState((before) => ({ ...before, ...change }));
  useEffect(() => keepPlace(session.id, place), [session.id, place]);
  useEffect(() => {
    if (!isSettling) return;
    const timer = setTimeout(() => setSettling(false), DOUBLE_TAP_MS);
    return () => clearTimeout(timer);
  }, [isSettling]);

  const exercises = useMemo(() => exercisesOf(detail, place.extraSets), [detail, place.extraSets]);
  const exercise = currentExercise(exercises, place.itemId);
  const slot: SetSlot | undefined = place.slot ?? (exercise && slotAfterRamp(exercise));
  const amended = exercise?.rows.find((row) => slot && isOfSlot(row.slot, slot))?.set ?? null;
  const item = exercise?.item;
  const advised = exercise && adviceFor(detail, exercise.item, exercise.variation, exercise.done, amended ? exercise.next : slot);
  const facts = advised?.facts ?? null;
  // Nothing is advised about a hold, whose seconds say nothing of reps and loads.
  const advice = exercise?.item.dose.seconds === undefined ? (advised?.advice ?? null) : null;
  const asked: Asked | undefined =
    item && exercise && (amended ? askedOf(amended, item) : askedFor(detail, exercise, slot, facts, advice));
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
      setProblem(storageTrouble(error));
      return false;
    }
  };

  const keepRecord = (recordId: string, fields: SessionRecordFields, removed = false) =>
    isKept(() =>
      writer.log({
        endpointId: 'saveSessionRecord',
        params: { sessionId: session.id, recordId },
        body: { madeAt: new Date().toISOString(), removed, fields },
        aggregate: sheetAggregate(session.sheetId),
      }),
    );

  /** Keeps changes of the day, all with one undo, and says in a line what was done. */
  const changeDay = async (changes: readonly SessionRecordFields[], text: string): Promise<boolean> => {
    const made = changes.map((fields) => ({ id: newId(), fields }));
    for (const { id, fields } of made) if (!(await keepRecord(id, fields))) return false;
    const undo = () => {
      setLastChange(null);
      void Promise.all([...made].reverse().map(({ id, fields }) => keepRecord(id, fields, true)));
    };
    setLastChange({ text, undo });
    return true;
  };

  const timeOfSet = (): string =>
    session.entry === 'paper'
      ? new Date(Date.parse(session.startedAt) + (detail.sets.length + 1) * PAPER_STEP_MS).toISOString()
      : new Date().toISOString();

  /**
   * Logs or amends the set at hand, then stands at the next one. `change` is laid over the pad first. A second tap right
   * after a set is passed over unless it is deliberate.
   */
  const log = async (change: Partial<Pad> = {}, isDeliberate = false): Promise<ReturnType<typeof setBodyOf> | null> => {
    if (!exercise || !slot || !pad || !asked || (isSettling && !isDeliberate)) return null;
    setSettling(true);
    const previous = exercise.done.at(-1);
    const rest = countedFrom !== null && previous ? (countedFrom - Date.parse(previous.loggedAt)) / 1000 : -1;
    const isLive = session.entry === 'live';
    const padded = { ...pad, ...change };
    const body = setBodyOf(padded, asked, exercise.item, slot, {
      // An amendment says what was wrong, not that it happened later.
      loggedAt: amended?.loggedAt ?? timeOfSet(),
      restBeforeSeconds: amended ? amended.restBeforeSeconds : isLive && rest >= 0 ? Math.round(rest) : null,
      tempoMeasured: amended ? amended.tempoMeasured : measured,
      round: exercise.inTurn && isHardKind(slot.kind) ? slot.setIndex + exercise.behind : null,
      parentSetId: slot.kind === 'drop' ? parentOf(exercise, slot) : null,
      isFromPaper: !isLive,
    });
    const setId = setIdFor(session.id, exercise.item, slot);
    if (!(await isKept(() => send(setId, body)))) return null;
    const codes = amended ? [] : passedOver(advice, padded);
    if (codes.length > 0) await keepRecord(newId(), { kind: 'passed-over', itemId: exercise.item.id, setId, codes });
    setCountedFrom(null);
    setMeasured(null);
    setLastChange(null);
    const isOwed = isHardKind(slot.kind) || slot.kind === 'feeler';
    // The last row of an exercise was just logged: stand at the next exercise that has one.
    const owed = exercise.rows.filter((row) => !row.set && row.slot.kind !== 'ramp' && row.slot.kind !== 'drop');
    const isLastRow = owed.length <= (amended ? 0 : 1);
    // In a pair or circuit the next exercise comes after every set.
    const goesOn = isOwed && (isLastRow || (exercise.inTurn && isLastSide(exercise, slot))) && !amended;
    setPlace({ slot: null, pad: null, itemId: goesOn ? null : exercise.item.id });
    return body;
  };

  /** Logs the set at hand as ended by pain, and leaves the exercise for today; one word takes both back. */
  const stopForPain = async (jointPain: number | null, reps: number): Promise<void> => {
    if (!exercise || !slot) return;
    const { item: stopped, variation } = exercise;
    const setId = setIdFor(session.id, stopped, slot);
    // Asked for in a dialog of its own: never the second half of a double tap.
    const logged = await log({ endedBy: 'pain', jointPain, reps }, true);
    if (!logged) return;
    const leave = { kind: 'leave' as const, itemId: stopped.id, because: 'pain' as const };
    const recordId = newId();
    await keepRecord(recordId, leave);
    setPlace({ itemId: null, slot: null, pad: null });
    setLastChange({
      text: `${variation.name} left for pain${jointPain === null ? '' : ` ${jointPain} of 10`}.`,
      undo: () => {
        setLastChange(null);
        void keepRecord(recordId, leave, true);
        void isKept(() => send(setId, { ...logged, removed: true })).then(() =>
          setPlace({ itemId: stopped.id, slot: null, pad: null }),
        );
      },
    });
  };

  const canDrop =
    exercise?.done.at(-1) !== undefined &&
    ['work', 'drop'].includes(exercise.done.at(-1)?.kind ?? '') &&
    (exercise.done.at(-1)?.externalKg ?? 0) > 0 &&
    exercise.item.dose.seconds === undefined;

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
    lastChange,
    isLive: session.entry === 'live',
    isReady: writer.isReady && !isSettling,
    log,
    stopForPain,
    changeDay,
    change: (change: Partial<Pad>) => pad && setPlace({ pad: { ...pad, ...change } }),
    measure: setMeasured,
    goTo: (itemId: string) => setPlace({ itemId, slot: null, pad: null }),
    choose: (chosen: SetSlot | null) => setPlace({ slot: chosen, pad: null, itemId: exercise?.item.id ?? null }),
    /** Stands at a drop of the set just done; null where nothing was done or nothing can be taken off. */
    addDrop: canDrop
      ? () => {
          const last = exercise?.done.at(-1);
          if (!exercise || !last) return;
          const drops = exercise.done.filter(({ kind, side }) => kind === 'drop' && side === last.side).length;
          setPlace({ itemId: exercise.item.id, slot: { kind: 'drop', setIndex: drops, side: last.side }, pad: null });
        }
      : null,
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
    leave: async (left: Exercise, because: ChangeCause) => {
      const fields = { kind: 'leave' as const, itemId: left.item.id, because };
      if (await changeDay([fields], `${left.variation.name} left for today.`)) setPlace({ itemId: null, slot: null, pad: null });
    },
    /** Puts another exercise in one's place for today, and stands at it. */
    swap: async (itemId: string, instead: ContentItemDto, because: ChangeCause, text: string) => {
      const fields = { kind: 'swap' as const, itemId, item: instead, because };
      if (await changeDay([fields], text)) setPlace({ itemId: instead.id, slot: null, pad: null });
    },
    /** Adds an exercise behind the one at hand, and stands at it. */
    addExercise: async (added: ContentItemDto, role: Role, text: string) => {
      const fields = { kind: 'add' as const, item: added, role, afterItemId: item?.id ?? null };
      if (await changeDay([fields], text)) setPlace({ itemId: added.id, slot: null, pad: null });
    },
    /** Takes an earlier set away; one word brings it back as it was. */
    removeSet: async (set: SetRecordDto, name: string) => {
      const removal = removalOf(set);
      if (!(await isKept(() => send(set.id, removal)))) return;
      setPlace({ slot: null, pad: null, itemId: set.itemId });
      setLastChange({
        text: `${name} deleted.`,
        undo: () => {
          setLastChange(null);
          void isKept(() => send(set.id, { ...removal, removed: false }));
        },
      });
    },
    skipRest: (setId: string) => setPlace({ skippedRestAfter: setId }),
    /** Lengthens the rest after a set. */
    addRest: (setId: string, seconds: number) =>
      setPlace({
        addedRest: { setId, seconds: (place.addedRest?.setId === setId ? place.addedRest.seconds : 0) + seconds },
      }),
    skipCheckIn: () => setPlace({ skippedCheckIn: true }),
    keepCheckIn: async (
      answers: Extract<SessionRecordFields, { kind: 'check-in' }>['answers'],
      changes: SessionRecordFields[],
    ) => {
      if (!(await keepRecord(newId(), { kind: 'check-in', answers }))) return;
      setPlace({ skippedCheckIn: true, itemId: null, slot: null, pad: null });
      if (changes.length > 0)
        await changeDay(changes, `${changes.length} ${changes.length === 1 ? 'change' : 'changes'} for today.`);
    },
    note: (text: string) => changeDay([{ kind: 'note', text, itemId: item?.id ?? null }], 'Note kept.'),
    countFromNow: () => setCountedFrom(Date.now()),
    setSession: (request: Omit<Parameters<typeof writer.log>[0], 'aggregate'>) =>
      writer.log({ ...request, aggregate: sheetAggregate(session.sheetId) }),
  };
};

/** Whether a row is the last of its set: the only one, or the second leg's. */
const isLastSide = ({ rows }: Exercise, slot: SetSlot): boolean =>
  rows.filter((row) => !row.set && row.slot.kind === slot.kind && row.slot.setIndex === slot.setIndex).length <= 1;

/** The set a drop hangs from: the last hard one of its leg. */
const parentOf = ({ done }: Exercise, slot: SetSlot): string | null =>
  done.findLast((set) => isHardKind(set.kind) && set.side === slot.side)?.id ?? null;

/** Codes of the advice that was not followed: it changed the set, and another one was logged. */
const passedOver = (advice: Advice | null, { reps, load }: Pad): Advice['reasons'][number]['code'][] => {
  if (!advice || advice.kind === 'go' || advice.kind === 'cue') return [];
  const isTaken = advice.next !== null && isSameMass(advice.next.loadKg, load.externalKg) && reps <= advice.next.reps;
  return isTaken ? [] : advice.reasons.map(({ code }) => code).slice(0, 12);
};

const lighterBy = (loads: readonly Load[], from: Load): Load =>
  loads.findLast(({ externalKg }) => externalKg <= from.externalKg * (1 - DROP_SHARE) + 0.001) ??
  loads.findLast(({ externalKg }) => externalKg < from.externalKg - 0.001) ??
  from;

/** Reps and load of the coming set: as advised, else as the sheet says; a ramp's or a drop's own. */
const askedFor = (
  detail: FloorDetail,
  { item, variation, done }: Exercise,
  slot: SetSlot | undefined,
  facts: ExerciseFacts | null,
  advice: Advice | null,
): Asked => {
  const loads = facts?.loads ?? [];
  const onRack = (kg: number | undefined): Load | undefined =>
    kg === undefined ? undefined : loads.find(({ externalKg }) => isSameMass(externalKg, kg));
  if (slot?.kind === 'ramp') {
    const ramp = rampsOf(detail, item, variation)[slot.setIndex];
    return { reps: ramp?.reps ?? plannedReps(item.dose), load: onRack(ramp?.loadKg) ?? item.dose.load };
  }
  if (slot?.kind === 'drop') {
    const last = done.findLast(({ kind, side }) => (isHardKind(kind) || kind === 'drop') && side === slot.side);
    return { reps: plannedReps(item.dose), load: lighterBy(loads, onRack(last?.externalKg) ?? item.dose.load) };
  }
  const next = advice?.next;
  return { reps: item.dose.seconds ?? next?.reps ?? plannedReps(item.dose), load: onRack(next?.loadKg) ?? item.dose.load };
};

export type Live = ReturnType<typeof useLive>;
