import type { Handlers } from '../http/handler';
import { join } from './auth/join';
import { changePassword } from './auth/password';
import { createFirstTrainer, getAuth, openDemo, signIn, signOut } from './auth/sign-in';
import { saveBooking, setBookingCancelled } from './bookings/bookings';
import { getMovement, listMovements, saveMovement, setMovementRetired } from './movements/movements';
import { getFloor } from './people/floor';
import { saveIntake } from './people/intake';
import { erasePerson, exportPerson, getPerson, listPeople, savePerson, setPersonArchived } from './people/people';
import { getExerciseTrend, getTrends } from './people/trends';
import { getLadderMoves } from './people/ladder-moves';
import { listRecords, saveRecord, setRecordRemoved } from './people/records';
import { getSessionHistory } from './sessions/history';
import { logSet } from './sessions/log-set';
import { acceptReview, getReview } from './sessions/review';
import { saveSessionRecord } from './sessions/session-record';
import { discardSession, finishSession, getSession, startSession } from './sessions/session';
import { search } from './search/search';
import { bringBack, copySheet, getComposing, getSheet, removeCopy, saveSheet } from './sheets/sheets';
import { listTemplates, removeTemplate, saveTemplate } from './sheets/templates';
import { removeKit, saveKit } from './studio/kits';
import { getActivity } from './studio/activity';
import { makeInvite } from './studio/invites';
import { exportStudio, getHealth, getOfflinePack, getStudio, saveStudio } from './studio/studio';

/** One handler an endpoint; the type makes sure none is forgotten. */
export const handlers: Handlers = {
  getAuth,
  signIn,
  signOut,
  createFirstTrainer,
  openDemo,
  join,
  changePassword,
  getStudio,
  saveStudio,
  exportStudio,
  saveKit,
  removeKit,
  getActivity,
  makeInvite,
  getOfflinePack,
  getHealth,
  listMovements,
  getMovement,
  saveMovement,
  setMovementRetired,
  getFloor,
  listPeople,
  getPerson,
  savePerson,
  setPersonArchived,
  erasePerson,
  exportPerson,
  getLadderMoves,
  saveIntake,
  listRecords,
  saveRecord,
  setRecordRemoved,
  saveBooking,
  setBookingCancelled,
  getSheet,
  saveSheet,
  getComposing,
  copySheet,
  removeCopy,
  listTemplates,
  saveTemplate,
  removeTemplate,
  bringBack,
  startSession,
  getSession,
  logSet,
  saveSessionRecord,
  getSessionHistory,
  getTrends,
  getExerciseTrend,
  search,
  finishSession,
  discardSession,
  getReview,
  acceptReview,
};
