import { reps, TOP_OF_RANGE_TWICE } from '../gates';
import type { Ladder } from '../types';

/** Floor bridge, a hold on top, then two ways: weight across the hips, or one leg. */
export const gluteBridge = {
  id: 'glute-bridge',
  name: 'Glute bridge',
  family: 'bridge',
  rungs: [
    { id: 'floor', variationId: 'glute-bridge', stage: 1, from: [], gate: reps(3, 15) },
    { id: 'held', variationId: 'glute-bridge', values: { 'top-hold': 3 }, stage: 2, from: ['floor'], gate: reps(3, 15) },
    { id: 'barbell', variationId: 'barbell-glute-bridge', stage: 3, from: ['held'], gate: null },
    { id: 'staggered', variationId: 'staggered-glute-bridge', stage: 3, from: ['held'], gate: reps(3, 15) },
    { id: 'one-leg', variationId: 'one-leg-glute-bridge', stage: 4, from: ['staggered'], gate: reps(3, 15) },
    { id: 'foot-raised', variationId: 'one-leg-foot-raised-glute-bridge', stage: 5, from: ['one-leg'], gate: null },
    {
      id: 'feet-up',
      variationId: 'glute-bridge',
      values: { 'feet-elevation': 30 },
      stage: 3,
      aside: true,
      from: ['held'],
      gate: null,
    },
    { id: 'band', variationId: 'band-glute-bridge', stage: 2, aside: true, from: [], gate: null },
    { id: 'abduction', variationId: 'abduction-glute-bridge', stage: 3, aside: true, from: ['band'], gate: null },
    { id: 'squeeze', variationId: 'ball-squeeze-glute-bridge', stage: 2, aside: true, from: [], gate: null },
    { id: 'frog', variationId: 'frog-glute-bridge', stage: 2, aside: true, from: [], gate: null },
    { id: 'march', variationId: 'marching-glute-bridge', stage: 3, aside: true, from: ['floor'], gate: null },
    { id: 'kick-back', variationId: 'kick-back', stage: 1, aside: true, from: [], gate: null },
    { id: 'hands-and-knees', variationId: 'hands-and-knees-extension', stage: 1, aside: true, from: [], gate: null },
    { id: 'press-down', variationId: 'glute-press-down', stage: 3, aside: true, from: [], gate: null },
  ],
} as const satisfies Ladder;

/** Shoulder blades on a bench. */
export const hipThrust = {
  id: 'hip-thrust',
  name: 'Hip thrust',
  family: 'bridge',
  rungs: [
    { id: 'bodyweight', variationId: 'hip-thrust', stage: 1, from: [], gate: reps(3, 15) },
    { id: 'dumbbell', variationId: 'dumbbell-hip-thrust', stage: 2, from: ['bodyweight'], gate: TOP_OF_RANGE_TWICE },
    { id: 'barbell', variationId: 'barbell-hip-thrust', stage: 3, from: ['dumbbell'], gate: null },
    {
      id: 'held',
      variationId: 'hip-thrust',
      values: { 'top-hold': 3 },
      stage: 2,
      from: ['bodyweight'],
      gate: reps(3, 15),
    },
    { id: 'staggered', variationId: 'staggered-hip-thrust', stage: 4, from: ['held', 'dumbbell'], gate: TOP_OF_RANGE_TWICE },
    { id: 'one-leg', variationId: 'one-leg-hip-thrust', stage: 5, from: ['staggered'], gate: reps(3, 12) },
    { id: 'feet-up', variationId: 'feet-up-hip-thrust', stage: 6, from: ['one-leg'], gate: reps(3, 12) },
    { id: 'feet-up-one-leg', variationId: 'feet-up-one-leg-hip-thrust', stage: 7, from: ['feet-up'], gate: null },
    { id: 'machine', variationId: 'machine-hip-thrust', stage: 3, aside: true, from: ['bodyweight'], gate: null },
  ],
} as const satisfies Ladder;

/** Feet farther and farther away. A home answer when the curl machine is taken. */
export const hamstringBridge = {
  id: 'hamstring-bridge',
  name: 'Hamstring bridge',
  family: 'bridge',
  rungs: [
    {
      id: 'near',
      variationId: 'hamstring-bridge',
      values: { 'foot-distance': 8 },
      stage: 1,
      from: [],
      gate: reps(3, 15),
    },
    {
      id: 'far',
      variationId: 'hamstring-bridge',
      values: { 'foot-distance': 16 },
      stage: 2,
      from: ['near'],
      gate: reps(3, 15),
    },
    { id: 'walk-out', variationId: 'hamstring-walk-out', stage: 3, from: ['far'], gate: reps(3, 8) },
    {
      id: 'one-leg-near',
      variationId: 'one-leg-hamstring-bridge',
      values: { 'foot-distance': 0 },
      stage: 4,
      from: ['walk-out'],
      gate: reps(3, 12),
    },
    {
      id: 'one-leg-far',
      variationId: 'one-leg-hamstring-bridge',
      values: { 'foot-distance': 16 },
      stage: 5,
      from: ['one-leg-near'],
      gate: reps(3, 12),
    },
    {
      id: 'hands-off',
      variationId: 'one-leg-hamstring-bridge',
      values: { 'foot-distance': 16, arms: 'reaching' },
      stage: 6,
      from: ['one-leg-far'],
      gate: null,
    },
  ],
} as const satisfies Ladder;
