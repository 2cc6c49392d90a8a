import { once, reps, seconds, TOP_OF_RANGE_TWICE } from '../gates';
import type { Ladder } from '../types';

/** Two legs, then one on a step, then loaded. */
export const calf = {
  id: 'calf',
  name: 'Calf raise',
  family: 'calf',
  rungs: [
    { id: 'two-leg', variationId: 'calf-raise', stage: 1, from: [], gate: reps(3, 20) },
    { id: 'one-leg', variationId: 'one-leg-calf-raise', stage: 2, from: ['two-leg'], gate: reps(3, 15) },
    {
      id: 'loaded',
      variationId: 'one-leg-calf-raise',
      values: { 'load-position': 'suitcase' },
      stage: 3,
      from: ['one-leg'],
      gate: null,
    },
    { id: 'press', variationId: 'calf-press', stage: 1, aside: true, from: [], gate: null },
    { id: 'bent-knee', variationId: 'bent-knee-calf-raise', stage: 2, aside: true, from: [], gate: null },
    { id: 'toe', variationId: 'toe-raise', stage: 1, aside: true, from: [], gate: null },
  ],
} as const satisfies Ladder;

/** Stage by stage from the floor; unloaded with a balanced block until it never falls. */
export const getUp = {
  id: 'get-up',
  name: 'Get-up',
  family: 'trunk',
  rungs: [
    { id: 'elbow', variationId: 'get-up-to-elbow', stage: 1, from: [], gate: once(2, 3) },
    { id: 'tall-sit', variationId: 'get-up-to-tall-sit', stage: 2, from: ['elbow'], gate: once(2, 3) },
    { id: 'half-kneel', variationId: 'get-up-to-half-kneel', stage: 3, from: ['tall-sit'], gate: once(2, 2) },
    { id: 'stand', variationId: 'get-up', stage: 4, from: ['half-kneel'], gate: reps(3, 2) },
    {
      id: 'loaded',
      variationId: 'get-up',
      values: { 'load-position': 'overhead' },
      stage: 5,
      from: ['stand'],
      gate: TOP_OF_RANGE_TWICE,
    },
  ],
} as const satisfies Ladder;

/** Knees, then feet; never fast. */
export const plankReach = {
  id: 'plank-reach',
  name: 'Plank and clock reaches',
  family: 'trunk',
  rungs: [
    { id: 'plank', variationId: 'plank', stage: 1, from: [], gate: seconds(2, 40) },
    {
      id: 'reach-knees',
      variationId: 'plank-clock-reach',
      values: { 'plank-base': 'knees' },
      stage: 2,
      from: ['plank'],
      gate: reps(3, 5),
    },
    {
      id: 'reach-feet',
      variationId: 'plank-clock-reach',
      values: { 'plank-base': 'feet' },
      stage: 3,
      from: ['reach-knees'],
      gate: null,
    },
  ],
} as const satisfies Ladder;
