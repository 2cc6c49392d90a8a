import { useEffect, useMemo, useState } from 'react';
import type { SessionRecordFields, SetRecordDto } from '@drubo/contracts';
import { isHardKind, isOfSlot, setIdFor } from '@drubo/core';
import type { SetSlot } from '@drubo/core';
import type { DraftItem } from '@drubo/core/sheet-editing';
import { stretchOf } from '@drubo/core/vocabulary';
import type { ChangeCause, ItemId, Role, SetId } from '@drubo/core/vocabulary';
import {
  adviceFor,
  askedFor,
  askedOf,
  canDropAfter,
  currentExercise,
  exercisesOf,
  freshPad,
  goesOnAfter,
  nextDrop,
  padOf,
  parentOf,
  passedOver,
  removalOf,
  setBodyOf,
  slotAfterRamp,
  drillsLeft,
} from '@drubo/core/live';
import type { Asked, Pad } from '@drubo/core/live';
import { newId } from '../../data/ids';
import { sheetAggregate } from '../../data/offline/lines';
import type { RequestWithoutLine } from '../../data/offline/types';
import { itemToSend } from '../../data/settle';
import type { Exercise, FloorDetail } from './floor';
import { keepPlace, readPlace } from './place';
import type { Place } from './place';
import { useKeeping } from './use-keeping';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.useLive;

/** A second tap within this time is the same tap: a wet thumb must not log two sets. */
const DOUBLE_TAP_MS = 700;
/** Minutes between sets typed in from paper: nobody timed them. */
const PAPER_STEP_MS = 150_000;

/** The running session as the screen uses it: where the trainer stands, what is on the pad, logging, and changes of the day. */
export const useLive = (detail: FloorDetail) => {
  const { session } = detail;
  const { writer, problem, lastChange, setLastChange, isKept, keepRecord, changeDay } = useKeeping(session);
  const [place, setPlaceState] = useState<Place>(() => readPlace(session.id));
  const [isSettling, setSettling] = useState(false);
  const [countedFrom, setCountedFrom] = useState<number | null>(null);
  const [measured, setMeasured] = useState<readonly number[] | null>(null);
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

  const send = (setId: SetId, body: ReturnType<typeof setBodyOf>) =>
    writer.log({
      endpointId: 'logSet',
      params: { sessionId: session.id, setId },
      body,
      aggregate: sheetAggregate(session.sheetId),
    });

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
    const goesOn = goesOnAfter(exercise, slot, amended !== null);
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
      text: words.leftForPain(variation.name, jointPain),
      undo: () => {
        setLastChange(null);
        void keepRecord(recordId, leave, true);
        void isKept(() => send(setId, { ...logged, removed: true })).then(() =>
          setPlace({ itemId: stopped.id, slot: null, pad: null }),
        );
      },
    });
  };

  const drills = exercise ? drillsLeft(detail, exercises, exercise.role) : [];

  /** Logs what is left of the drills at hand as planned, with one word to take it back. Nobody judged it. */
  const logDrills = async (): Promise<void> => {
    if (isSettling) return;
    setSettling(true);
    const logged: { setId: SetId; body: ReturnType<typeof setBodyOf> }[] = [];
    const known = { loggedAt: timeOfSet(), restBeforeSeconds: null, isFromPaper: true };
    for (const row of drills) {
      const setId = setIdFor(session.id, row.item, row.slot);
      const body = setBodyOf(freshPad(row.asked), row.asked, row.item, row.slot, known);
      if (!(await isKept(() => send(setId, body)))) break;
      logged.push({ setId, body });
    }
    if (logged.length === 0) return;
    setPlace({ itemId: null, slot: null, pad: null });
    setLastChange({
      text: words.drillsLogged(stretchOf(exercise?.role ?? 'prep', detail.sheet.shape), logged.length),
      undo: () => {
        setLastChange(null);
        for (const { setId, body } of [...logged].reverse()) void isKept(() => send(setId, { ...body, removed: true }));
      },
    });
  };

  const drop = exercise && canDropAfter(exercise) ? nextDrop(exercise) : null;

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
    /** Drills that one tap would log: none where a single set is left, which is one tap anyway. */
    drillsLeft: drills.length > 1 ? new Set(drills.map(({ item: drill }) => drill.id)).size : 0,
    logDrills,
    changeDay,
    change: (change: Partial<Pad>) => pad && setPlace({ pad: { ...pad, ...change } }),
    measure: setMeasured,
    goTo: (itemId: ItemId) => setPlace({ itemId, slot: null, pad: null }),
    choose: (chosen: SetSlot | null) => setPlace({ slot: chosen, pad: null, itemId: exercise?.item.id ?? null }),
    /** Stands at a drop of the set just done; null where nothing was done or nothing can be taken off. */
    addDrop: exercise && drop ? () => setPlace({ itemId: exercise.item.id, slot: drop, pad: null }) : null,
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
      if (await changeDay([fields], words.leftForToday(left.variation.name))) setPlace({ itemId: null, slot: null, pad: null });
    },
    /** As many sets of an exercise today, those done among them. */
    fewerSets: (of: Exercise, sets: number) =>
      changeDay(
        [{ kind: 'sets' as const, itemId: of.item.id, sets, because: 'short' as const }],
        words.setToday(of.variation.name, sets),
      ),
    /** Puts another exercise in one's place for today, and stands at it. */
    swap: async (itemId: ItemId, draft: DraftItem, because: ChangeCause, text: string) => {
      const instead = itemToSend(draft);
      const fields = { kind: 'swap' as const, itemId, item: instead, because };
      if (await changeDay([fields], text)) setPlace({ itemId: instead.id, slot: null, pad: null });
    },
    /** Adds an exercise behind the one at hand, and stands at it. */
    addExercise: async (draft: DraftItem, role: Role, text: string) => {
      const added = itemToSend(draft);
      const fields = { kind: 'add' as const, item: added, role, afterItemId: item?.id ?? null };
      if (await changeDay([fields], text)) setPlace({ itemId: added.id, slot: null, pad: null });
    },
    /** Takes an earlier set away; one word brings it back as it was. */
    removeSet: async (set: SetRecordDto, name: string) => {
      const removal = removalOf(set);
      if (!(await isKept(() => send(set.id, removal)))) return;
      setPlace({ slot: null, pad: null, itemId: set.itemId });
      setLastChange({
        text: words.deleted(name),
        undo: () => {
          setLastChange(null);
          void isKept(() => send(set.id, { ...removal, removed: false }));
        },
      });
    },
    skipRest: (setId: SetId) => setPlace({ skippedRestAfter: setId }),
    /** Lengthens the rest after a set. */
    addRest: (setId: SetId, seconds: number) =>
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
      if (changes.length > 0) await changeDay(changes, words.changeForToday(changes.length));
    },
    note: (text: string) => changeDay([{ kind: 'note', text, itemId: item?.id ?? null }], words.noteKept),
    countFromNow: () => setCountedFrom(Date.now()),
    setSession: (request: RequestWithoutLine) => writer.log({ ...request, aggregate: sheetAggregate(session.sheetId) }),
  };
};

export type Live = ReturnType<typeof useLive>;
