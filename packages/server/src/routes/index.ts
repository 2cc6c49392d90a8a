import type { Handlers } from '../http/handler';
import { createFirstTrainer, getAuth, openDemo, signIn, signOut } from './auth/sign-in';
import { saveBooking, setBookingCancelled } from './bookings/bookings';
import { getMovement, listMovements, saveMovement, setMovementRetired } from './movements/movements';
import { getFloor } from './people/floor';
import { erasePerson, getPerson, listPeople, savePerson, setPersonArchived } from './people/people';
import { logSet } from './sessions/log-set';
import { acceptReview, getReview } from './sessions/review';
import { discardSession, finishSession, getSession, startSession } from './sessions/session';
import { bringBack, editSheetItem, getSheet } from './sheets/sheets';
import { exportStudio, getHealth, getOfflinePack, getStudio, saveStudio } from './studio/studio';

/** One handler an endpoint; the type makes sure none is forgotten. */
export const handlers: Handlers = {
  getAuth,
  signIn,
  signOut,
  createFirstTrainer,
  openDemo,
  getStudio,
  saveStudio,
  exportStudio,
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
  saveBooking,
  setBookingCancelled,
  getSheet,
  editSheetItem,
  bringBack,
  startSession,
  getSession,
  logSet,
  finishSession,
  discardSession,
  getReview,
  acceptReview,
};
