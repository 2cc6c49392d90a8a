import { IN_RANGE_TWICE, reps, repsAt, TO_A_BAR, TOP_OF_RANGE_TWICE } from '../gates';
import type { Ladder } from '../types';

/** From never squatted to a bar on the back. Front, safety-bar and back squats run side by side after the goblet. */
export const twoLegSquat = {
  id: 'two-leg-squat',
  name: 'Two-leg squat',
  family: 'squat',
  rungs: [
    { id: 'chair', variationId: 'chair-sit-to-stand', values: { support: 'two-hands' }, stage: 1, from: [], gate: reps(2, 12) },
    {
      id: 'chair-no-hands',
      variationId: 'chair-sit-to-stand',
      values: { support: 'none' },
      stage: 2,
      from: ['chair'],
      gate: reps(2, 12),
    },
    { id: 'strap', variationId: 'strap-supported-squat', stage: 3, from: ['chair-no-hands'], gate: reps(3, 12) },
    { id: 'box', variationId: 'bodyweight-box-squat', stage: 3, from: ['chair-no-hands'], gate: reps(3, 12) },
    { id: 'counterweight', variationId: 'counterweight-squat', stage: 3, from: ['chair-no-hands'], gate: reps(3, 20) },
    {
      id: 'goblet',
      variationId: 'goblet-squat',
      stage: 4,
      from: ['strap', 'box', 'counterweight'],
      gate: TO_A_BAR,
    },
    {
      id: 'two-bell',
      variationId: 'double-kettlebell-front-squat',
      stage: 5,
      from: ['goblet'],
      gate: repsAt(3, 8, 0.5),
    },
    { id: 'landmine', variationId: 'landmine-squat', stage: 5, from: ['goblet'], gate: repsAt(3, 8, 0.5) },
    {
      id: 'front-to-box',
      variationId: 'front-squat-to-box',
      stage: 6,
      from: ['goblet', 'two-bell', 'landmine'],
      gate: IN_RANGE_TWICE,
    },
    { id: 'safety-bar', variationId: 'safety-bar-squat', stage: 6, from: ['goblet', 'two-bell', 'landmine'], gate: null },
    {
      id: 'back-to-box',
      variationId: 'back-squat-to-box',
      stage: 6,
      from: ['goblet', 'two-bell', 'landmine'],
      gate: IN_RANGE_TWICE,
    },
    { id: 'front', variationId: 'front-squat', stage: 7, from: ['front-to-box'], gate: null },
    { id: 'back', variationId: 'back-squat', stage: 7, from: ['back-to-box'], gate: null },
    { id: 'pause', variationId: 'pause-squat', stage: 8, from: ['back'], gate: null },
    { id: 'pin', variationId: 'pin-squat', stage: 8, from: ['back'], gate: null },
    { id: 'overhead', variationId: 'overhead-squat', stage: 8, from: ['front'], gate: null },
    { id: 'bodyweight', variationId: 'bodyweight-squat', stage: 3, aside: true, from: [], gate: null },
    { id: 'wall-sit', variationId: 'wall-sit', stage: 1, aside: true, from: [], gate: null },
    { id: 'narrow', variationId: 'narrow-heels-up-goblet-squat', stage: 4, aside: true, from: ['goblet'], gate: null },
    { id: 'wide', variationId: 'wide-dumbbell-squat', stage: 4, aside: true, from: [], gate: null },
    { id: 'banded', variationId: 'banded-goblet-squat', stage: 4, aside: true, from: ['goblet'], gate: null },
    { id: 'suitcase', variationId: 'suitcase-squat', stage: 4, aside: true, from: [], gate: null },
    { id: 'zercher', variationId: 'zercher-squat', stage: 6, aside: true, from: ['goblet'], gate: null },
    { id: 'belt', variationId: 'belt-squat', stage: 5, aside: true, from: [], gate: null },
    { id: 'leg-press', variationId: 'leg-press', stage: 5, aside: true, from: [], gate: null },
    { id: 'hack', variationId: 'hack-squat', stage: 5, aside: true, from: [], gate: null },
    { id: 'guided', variationId: 'guided-bar-squat', stage: 5, aside: true, from: [], gate: null },
    { id: 'squat-deadlift', variationId: 'squat-to-deadlift', stage: 4, aside: true, from: [], gate: null },
    { id: 'leg-extension', variationId: 'leg-extension', stage: 1, aside: true, from: [], gate: null },
  ],
} as const satisfies Ladder;

/** Up and down steps, then squats on one leg. */
export const oneLegSquat = {
  id: 'one-leg-squat',
  name: 'One-leg squat',
  family: 'squat',
  rungs: [
    { id: 'low-step', variationId: 'step-up', values: { 'step-height': 15 }, stage: 1, from: [], gate: reps(3, 10) },
    { id: 'bench-step', variationId: 'step-up', values: { 'step-height': 40 }, stage: 2, from: ['low-step'], gate: reps(3, 10) },
    {
      id: 'loaded-step',
      variationId: 'step-up',
      values: { 'step-height': 40, 'load-position': 'sides' },
      stage: 3,
      from: ['bench-step'],
      gate: TOP_OF_RANGE_TWICE,
    },
    { id: 'heel-tap', variationId: 'heel-tap-step-down', stage: 2, from: ['low-step'], gate: reps(3, 12) },
    { id: 'behind', variationId: 'step-down-behind', stage: 3, from: ['heel-tap'], gate: reps(3, 12) },
    { id: 'to-box', variationId: 'one-leg-squat-to-box', stage: 4, from: ['loaded-step', 'behind'], gate: reps(3, 8) },
    { id: 'skater', variationId: 'skater-squat', stage: 5, from: ['to-box'], gate: reps(3, 8) },
    { id: 'assisted', variationId: 'assisted-one-leg-squat', stage: 6, from: ['skater'], gate: reps(3, 8) },
    { id: 'full', variationId: 'one-leg-squat', stage: 7, from: ['assisted'], gate: null },
    { id: 'lateral-step', variationId: 'lateral-step-up', stage: 2, aside: true, from: ['low-step'], gate: null },
    { id: 'crossover-step', variationId: 'crossover-step-up', stage: 3, aside: true, from: ['lateral-step'], gate: null },
    { id: 'kneeling', variationId: 'kneeling-one-leg-squat', stage: 4, aside: true, from: [], gate: null },
  ],
} as const satisfies Ladder;

/** Side to side; also for warm-ups and easy days. */
export const lateralSquat = {
  id: 'lateral',
  name: 'Lateral',
  family: 'squat',
  rungs: [
    { id: 'short', variationId: 'side-lunge', values: { stride: 'short' }, stage: 1, from: [], gate: reps(2, 10) },
    { id: 'long', variationId: 'side-lunge', values: { stride: 'long' }, stage: 2, from: ['short'], gate: reps(3, 10) },
    { id: 'slider', variationId: 'slider-side-lunge', stage: 2, aside: true, from: ['short'], gate: null },
    { id: 'supported', variationId: 'supported-cossack-squat', stage: 3, from: ['long'], gate: reps(2, 8) },
    { id: 'unassisted', variationId: 'cossack-squat', stage: 4, from: ['supported'], gate: reps(3, 8) },
    { id: 'band-front', variationId: 'banded-cossack-squat', stage: 4, from: ['supported'], gate: reps(3, 8) },
    {
      id: 'goblet',
      variationId: 'goblet-cossack-squat',
      stage: 5,
      from: ['unassisted', 'band-front'],
      gate: TOP_OF_RANGE_TWICE,
    },
    { id: 'band-overhead', variationId: 'overhead-band-cossack-squat', stage: 6, from: ['goblet'], gate: null },
  ],
} as const satisfies Ladder;

/** Heels up, knees and hips forward, trunk back. Locked with any knee limit. */
export const kneeForwardSquat = {
  id: 'knee-forward-squat',
  name: 'Knee-forward squat',
  family: 'squat',
  rungs: [
    { id: 'supported', variationId: 'supported-knee-forward-squat', stage: 1, from: [], gate: reps(3, 10) },
    {
      id: 'partial',
      variationId: 'knee-forward-squat',
      values: { range: 'partial' },
      stage: 2,
      from: ['supported'],
      gate: reps(3, 10),
    },
    { id: 'one-hand', variationId: 'one-hand-reach-knee-forward-squat', stage: 3, from: ['partial'], gate: reps(3, 8) },
    { id: 'both-hands', variationId: 'knee-forward-squat-to-heels', stage: 4, from: ['one-hand'], gate: null },
  ],
} as const satisfies Ladder;
