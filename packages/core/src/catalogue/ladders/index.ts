import type { Ladder } from '../types';
import { gluteBridge, hamstringBridge, hipThrust } from './bridge';
import { calf, getUp, plankReach } from './helpers';
import { faceUpPlank, jump, legCurl, oneLegHinge, swing, twoLegHinge } from './hinge';
import { lunge } from './lunge';
import { kneeForwardSquat, lateralSquat, oneLegSquat, twoLegSquat } from './squat';

/** Every ladder, in the order families show them. */
export const LADDERS: readonly Ladder[] = [
  twoLegSquat,
  oneLegSquat,
  lateralSquat,
  kneeForwardSquat,
  lunge,
  twoLegHinge,
  oneLegHinge,
  legCurl,
  swing,
  jump,
  gluteBridge,
  hipThrust,
  hamstringBridge,
  faceUpPlank,
  calf,
  getUp,
  plankReach,
];
