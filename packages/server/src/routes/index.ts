import type { Handlers } from '../http/handler';
import { command, question } from './as-endpoint';
import { confirmPassword } from './auth/confirm-password';
import { createFirstTrainer } from './auth/create-first-trainer';
import { endDevices, listDevices } from './auth/devices';
import { getAuth } from './auth/get-auth';
import { join } from './auth/join';
import { makeInvite } from './auth/make-invite';
import { openDemo } from './auth/open-demo';
import { changePassword } from './auth/password';
import { signIn } from './auth/sign-in';
import { signOut } from './auth/sign-out';
import { erasePerson } from './people/erase-person';
import { listBackups, makeBackup } from './studio/backups';
import { getReady } from './studio/get-ready';
import { saveStudio } from './studio/save-studio';
import { acceptReview } from '../review/accept-review';
import { bringBack } from '../sheet/bring-back';
import { copySheet } from '../sheet/copy-sheet';
import { discardSession } from '../session/discard-session';
import { exportPerson } from '../people/export-person';
import { exportStudio } from './studio/export-studio';
import { beginPlan } from '../plan/begin-plan';
import { changePlan } from '../plan/change-plan';
import { keepPlanDay } from '../plan/keep-plan-day';
import { endPlan, undoPlan } from '../plan/undo-plan';
import { finishSession } from '../session/finish-session';
import { getActivity } from '../house/get-activity';
import { getComposing } from '../sheet/get-composing';
import { getExerciseTrend } from '../trends/get-exercise-trend';
import { getFloor } from '../people/get-floor';
import { getLadderMoves } from '../people/get-ladder-moves';
import { getMovement } from '../house/get-movement';
import { getOfflinePack } from '../house/get-offline-pack';
import { getPerson } from '../people/get-person';
import { getReview } from '../review/get-review';
import { getSession } from '../session/get-session';
import { getSessionHistory } from '../session/get-session-history';
import { getSheet } from '../sheet/get-sheet';
import { getStudio } from '../house/get-studio';
import { getTrends } from '../trends/get-trends';
import { listMovements } from '../house/list-movements';
import { listPeople } from '../people/list-people';
import { listRecords } from '../people/list-records';
import { listTemplates } from '../sheet/list-templates';
import { logSet } from '../session/log-set';
import { removeCopy } from '../sheet/remove-copy';
import { removeKit } from '../house/remove-kit';
import { removeTemplate } from '../sheet/remove-template';
import { saveBooking } from '../people/save-booking';
import { saveIntake } from '../people/save-intake';
import { saveKit } from '../house/save-kit';
import { saveMovement } from '../house/save-movement';
import { savePerson } from '../people/save-person';
import { saveRecord } from '../people/save-record';
import { saveSessionRecord } from '../session/save-session-record';
import { saveSheet } from '../sheet/save-sheet';
import { saveTemplate } from '../sheet/save-template';
import { search } from '../house/search';
import { setBookingCancelled } from '../people/set-booking-cancelled';
import { setMovementRetired } from '../house/set-movement-retired';
import { setPersonArchived } from '../people/set-person-archived';
import { setRecordRemoved } from '../people/set-record-removed';
import { withdrawConsent } from '../people/withdraw-consent';
import { listInvites } from '../trainers/list-invites';
import { removeTrainer } from '../trainers/remove-trainer';
import { revokeInvite } from '../trainers/revoke-invite';
import { setTrainerRole } from '../trainers/set-trainer-role';
import { startSession } from '../session/start-session';

/** One handler an endpoint; the type makes sure none is forgotten. */
export const handlers: Handlers = {
  getAuth,
  signIn,
  signOut,
  createFirstTrainer,
  openDemo,
  join,
  changePassword,
  confirmPassword,
  listDevices,
  endDevices,
  makeInvite,
  listInvites: question(listInvites),
  revokeInvite: command('revokeInvite', revokeInvite),
  removeTrainer: command('removeTrainer', removeTrainer),
  setTrainerRole: command('setTrainerRole', setTrainerRole),
  listBackups,
  makeBackup,
  getReady,
  getHealth: async (_input, context) => {
    await context.db.across.ping();
    return { status: 'ok', version: '0.1.0' };
  },
  saveBooking: command('saveBooking', saveBooking),
  setBookingCancelled: command('setBookingCancelled', setBookingCancelled),
  getFloor: question(getFloor),
  saveIntake: command('saveIntake', saveIntake),
  getLadderMoves: question(getLadderMoves),
  listPeople: question(listPeople),
  getPerson: question(getPerson),
  savePerson: command('savePerson', savePerson),
  setPersonArchived: command('setPersonArchived', setPersonArchived),
  erasePerson,
  withdrawConsent: command('withdrawConsent', withdrawConsent),
  exportPerson: question(exportPerson),
  listRecords: question(listRecords),
  saveRecord: command('saveRecord', saveRecord),
  setRecordRemoved: command('setRecordRemoved', setRecordRemoved),
  getTrends: question(getTrends),
  getExerciseTrend: question(getExerciseTrend),
  getSessionHistory: question(getSessionHistory),
  logSet: command('logSet', logSet),
  saveSessionRecord: command('saveSessionRecord', saveSessionRecord),
  getSession: question(getSession),
  startSession: command('startSession', startSession),
  finishSession: command('finishSession', finishSession),
  discardSession: command('discardSession', discardSession),
  getReview: question(getReview),
  acceptReview: command('acceptReview', acceptReview),
  getSheet: question(getSheet),
  saveSheet: command('saveSheet', saveSheet),
  getComposing: question(getComposing),
  copySheet: command('copySheet', copySheet),
  removeCopy: command('removeCopy', removeCopy),
  bringBack: command('bringBack', bringBack),
  beginPlan: command('beginPlan', beginPlan),
  changePlan: command('changePlan', changePlan),
  undoPlan: command('undoPlan', undoPlan),
  endPlan: command('endPlan', endPlan),
  keepPlanDay: command('keepPlanDay', keepPlanDay),
  listTemplates: question(listTemplates),
  saveTemplate: command('saveTemplate', saveTemplate),
  removeTemplate: command('removeTemplate', removeTemplate),
  search: question(search),
  listMovements: question(listMovements),
  getMovement: question(getMovement),
  saveMovement: command('saveMovement', saveMovement),
  setMovementRetired: command('setMovementRetired', setMovementRetired),
  getActivity: question(getActivity),
  saveKit: command('saveKit', saveKit),
  removeKit: command('removeKit', removeKit),
  getStudio: question(getStudio),
  saveStudio,
  getOfflinePack: question(getOfflinePack),
  exportStudio,
};
