export type { Tempo, TempoPart } from '../vocabulary';
export { asksReserve } from './asks-reserve';
export { formatTempo, isPossibleTempo, nearestTempo, secondsPerRep, tempoAt } from './tempo';
export type { TempoMoment, TempoPhase } from './tempo';
export { plannedReps, repsTop } from './types';
export type { Dose } from './types';
export { tempoAfter } from './lever-tempo';
export { feelersLeft, isSameDose } from './same';
export { DOSE_FIELDS } from './why';
export type { DoseField, DoseWhy } from './why';
export { GOAL_DOSES, STAGES } from './goal-table';
export { allowedLoads, firstLoad, loadsForVariation, positionOf } from './first-load';
export { doseHeldAt, kgHeldAt } from './held-at';
export { firstDose } from './first-dose';
export type { DosePerson } from './first-dose';
export { applyStage } from './stage';
export type { Stage } from './stage';
export {
  blockSeconds,
  CHANGEOVER_SECONDS,
  STATION_SECONDS,
  exerciseSeconds,
  minutesReason,
  ownPace,
  roundsSeconds,
  sessionMinutes,
  setSeconds,
  sheetMinutes,
} from './minutes';
export type { TimedBlock, TimedItem } from './minutes';
export { schoolCues, schoolDose, schoolValues } from './schools';
export { roleDose } from './roles';
export type { RoleDose } from './roles';
export { doseInRole } from './dose-in-role';
export { rampCount, rampsFor } from './ramps';
export { atLeastReps, inRange, narrowed, ownRange, rangeWidth, withinWindow } from './rep-range';
export { mayGoRound, needsBar, wentRound } from './rounds';
export { withSettings } from './settings';
export { lighterDose } from './lighter';
export { setShare, volumeOf } from './volume';
export type { Volume, VolumeItem } from './volume';
