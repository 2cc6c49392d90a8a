import type { Sequelize } from 'sequelize';
import { bookings } from './bookings';
import { commands } from './commands';
import { decisions } from './decisions';
import { intakes } from './intakes';
import { invites } from './invites';
import { kits } from './kits';
import { currentMovements, movements } from './movements';
import { people } from './people';
import { currentPersonRecords, personRecords } from './person-records';
import { planRevisions } from './plan-revisions';
import { currentSessionRecords, sessionRecords } from './session-records';
import { sessions } from './sessions';
import { currentSets, setRevisions } from './set-revisions';
import { sheetItems } from './sheet-items';
import { sheets } from './sheets';
import { signIns } from './sign-ins';
import { standings } from './standings';
import { studios } from './studios';
import { templates } from './templates';
import { tombstones } from './tombstones';
import { tracks } from './tracks';
import { trainers } from './trainers';
import { withdrawals } from './withdrawals';

/** Every table, bound to one connection. */
export const bindModels = (sequelize: Sequelize) => ({
  studios: studios.bind(sequelize),
  trainers: trainers.bind(sequelize),
  signIns: signIns.bind(sequelize),
  kits: kits.bind(sequelize),
  invites: invites.bind(sequelize),
  people: people.bind(sequelize),
  intakes: intakes.bind(sequelize),
  personRecords: personRecords.bind(sequelize),
  movements: movements.bind(sequelize),
  planRevisions: planRevisions.bind(sequelize),
  bookings: bookings.bind(sequelize),
  sheets: sheets.bind(sequelize),
  sheetItems: sheetItems.bind(sequelize),
  sessions: sessions.bind(sequelize),
  sessionRecords: sessionRecords.bind(sequelize),
  setRevisions: setRevisions.bind(sequelize),
  standings: standings.bind(sequelize),
  tracks: tracks.bind(sequelize),
  decisions: decisions.bind(sequelize),
  commands: commands.bind(sequelize),
  templates: templates.bind(sequelize),
  tombstones: tombstones.bind(sequelize),
  withdrawals: withdrawals.bind(sequelize),
});

export type Models = ReturnType<typeof bindModels>;

/** What is current of what is kept by revisions: read, never written. */
export const bindViews = (sequelize: Sequelize) => ({
  currentSets: currentSets.bind(sequelize),
  currentSessionRecords: currentSessionRecords.bind(sequelize),
  currentPersonRecords: currentPersonRecords.bind(sequelize),
  currentMovements: currentMovements.bind(sequelize),
});

export type Views = ReturnType<typeof bindViews>;

export type { BookingRow } from './bookings';
export type { DecisionRow } from './decisions';
export type { InviteRow } from './invites';
export type { KitRow } from './kits';
export type { MovementRow } from './movements';
export type { PersonRow } from './people';
export type { PersonRecordRow } from './person-records';
export type { PlanRevisionRow } from './plan-revisions';
export type { SessionRecordRow } from './session-records';
export type { SessionRow } from './sessions';
export type { SetRevisionRow } from './set-revisions';
export type { SheetItemRow } from './sheet-items';
export type { SheetRow } from './sheets';
export type { SignInRow } from './sign-ins';
export type { StandingRow } from './standings';
export type { StudioRow } from './studios';
export type { TemplateRow } from './templates';
export type { TombstoneRow } from './tombstones';
export type { TrackRow } from './tracks';
export type { TrainerRow } from './trainers';
