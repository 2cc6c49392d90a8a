import type { SessionId } from '@drubo/core/vocabulary';
import { useMemo } from 'react';
import { z } from 'zod';
import { doseSchema } from '@drubo/contracts';
import { FAULTS, FAULT_SEVERITIES, SET_ENDINGS, SIDES } from '@drubo/core/vocabulary';
import { readSetting, writeSetting } from '../../data/settings';
import { useSetting } from '../../data/use-setting';

const slot = z.object({
  kind: z.enum(['work', 'feeler', 'timed', 'ramp', 'drop']).default('work'),
  setIndex: z.int().min(0).max(49),
  side: z.enum(SIDES),
});

/** Where the trainer stands in a running session. Kept on the device, so that a reload comes back to it. */
const placeSchema = z.object({
  itemId: z.string().nullable(),
  /** A row chosen by hand; null: the next one to log. */
  slot: slot.nullable(),
  /** What was entered and not logged yet; null: nothing. */
  pad: z
    .object({
      reps: z.int().min(0).max(600),
      load: doseSchema.shape.load,
      reserve: z.int().min(0).max(10).nullable(),
      secondsLeft: z.int().min(0).max(600).nullable().default(null),
      faults: z.array(z.object({ id: z.enum(FAULTS), severity: z.enum(FAULT_SEVERITIES) })).readonly(),
      isUnclean: z.boolean(),
      jointPain: z.int().min(0).max(10).nullable(),
      endedBy: z.enum(SET_ENDINGS).nullable(),
    })
    .nullable(),
  extraSets: z.record(z.string(), z.int().min(0).max(20)),
  /** Seconds added to the rest after a set. */
  addedRest: z
    .object({ setId: z.string(), seconds: z.int().min(0).max(1800) })
    .nullable()
    .default(null),
  /** Whether the check-in was passed over. */
  skippedCheckIn: z.boolean().default(false),
  /** Rest the trainer cut short: the id of the set it followed. */
  skippedRestAfter: z.string().nullable(),
});
export type Place = z.infer<typeof placeSchema>;

export const START: Place = {
  itemId: null,
  slot: null,
  pad: null,
  extraSets: {},
  addedRest: null,
  skippedCheckIn: false,
  skippedRestAfter: null,
};

const nameOf = (sessionId: SessionId): string => `live-${sessionId}`;

const placeFrom = (kept: string | null): Place => {
  if (kept === null) return START;
  try {
    return placeSchema.catch(START).parse(JSON.parse(kept));
  } catch {
    // Not JSON: something else wrote here. The log itself is elsewhere, so only the place is lost.
    return START;
  }
};

/** The place kept for a session; the start when there is none or it can't be read. */
export const readPlace = (sessionId: SessionId): Place => placeFrom(readSetting(nameOf(sessionId)));

/** The place another screen keeps for a session, as it stands now. */
export const usePlaceOf = (sessionId: SessionId): Place => {
  const kept = useSetting(() => readSetting(nameOf(sessionId)));
  return useMemo(() => placeFrom(kept), [kept]);
};

export const keepPlace = (sessionId: SessionId, place: Place): void => writeSetting(nameOf(sessionId), JSON.stringify(place));

export const forgetPlace = (sessionId: SessionId): void => writeSetting(nameOf(sessionId), null);
