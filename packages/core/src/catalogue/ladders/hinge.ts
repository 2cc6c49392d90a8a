import { once, reps, repsAt, seconds, TO_A_BAR, TOP_OF_RANGE_TWICE } from '../gates';
import type { Ladder } from '../types';

/** From rocking on hands and knees to a pull from the floor. If the position can't be found, one or two tries, then back. */
export const twoLegHinge = {
  id: 'two-leg-hinge',
  name: 'Two-leg hinge',
  family: 'hinge',
  rungs: [
    { id: 'rock-back', variationId: 'rock-back', stage: 1, from: [], gate: once(1, 10) },
    { id: 'wall-tap', variationId: 'wall-tap-hinge', stage: 2, from: ['rock-back'], gate: reps(2, 12) },
    { id: 'stick', variationId: 'stick-hinge', stage: 2, from: ['rock-back'], gate: reps(2, 12) },
    { id: 'belly', variationId: 'belly-held-hinge', stage: 3, from: ['wall-tap', 'stick'], gate: reps(3, 10) },
    { id: 'tall-kneeling', variationId: 'tall-kneeling-hinge', stage: 3, from: ['wall-tap', 'stick'], gate: reps(3, 10) },
    { id: 'pull-through', variationId: 'pull-through', stage: 3, from: ['wall-tap', 'stick'], gate: reps(3, 10) },
    {
      id: 'bell',
      variationId: 'kettlebell-deadlift',
      stage: 4,
      from: ['belly', 'tall-kneeling', 'pull-through'],
      gate: repsAt(3, 10, 0.25),
    },
    { id: 'two-bell', variationId: 'double-kettlebell-deadlift', stage: 4, from: ['belly'], gate: repsAt(3, 10, 0.5) },
    { id: 'suitcase', variationId: 'suitcase-deadlift', stage: 4, aside: true, from: ['bell'], gate: null },
    {
      id: 'romanian-dumbbell',
      variationId: 'dumbbell-romanian-deadlift',
      stage: 5,
      from: ['bell', 'two-bell'],
      gate: TO_A_BAR,
    },
    { id: 'romanian-bar', variationId: 'romanian-deadlift', stage: 6, from: ['romanian-dumbbell'], gate: TOP_OF_RANGE_TWICE },
    {
      id: 'trap-high',
      variationId: 'trap-bar-deadlift',
      values: { 'bar-height': 38 },
      stage: 6,
      from: ['romanian-dumbbell'],
      gate: TOP_OF_RANGE_TWICE,
    },
    {
      id: 'trap-low',
      variationId: 'trap-bar-deadlift',
      values: { 'bar-height': 22.5 },
      stage: 7,
      from: ['trap-high'],
      gate: null,
    },
    { id: 'blocks', variationId: 'block-deadlift', stage: 7, from: ['romanian-bar', 'trap-high'], gate: TOP_OF_RANGE_TWICE },
    { id: 'wide', variationId: 'wide-stance-deadlift', stage: 8, from: ['blocks'], gate: TOP_OF_RANGE_TWICE },
    { id: 'hip-width', variationId: 'deadlift', stage: 9, from: ['wide'], gate: null },
    { id: 'good-morning', variationId: 'good-morning', stage: 7, aside: true, from: ['romanian-bar'], gate: null },
    { id: 'back-extension', variationId: 'back-extension', stage: 6, aside: true, from: ['romanian-dumbbell'], gate: null },
    { id: 'stiff-leg', variationId: 'stiff-leg-deadlift', stage: 7, aside: true, from: ['romanian-bar'], gate: null },
    { id: 'deficit', variationId: 'deficit-deadlift', stage: 10, aside: true, from: ['hip-width'], gate: null },
    { id: 'paused', variationId: 'paused-deadlift', stage: 10, aside: true, from: ['hip-width'], gate: null },
    { id: 'snatch-grip', variationId: 'snatch-grip-deadlift', stage: 10, aside: true, from: ['hip-width'], gate: null },
  ],
} as const satisfies Ladder;

/** Less and less help from the back foot. Hips square to the floor all the way; load only when they stay so. */
export const oneLegHinge = {
  id: 'one-leg-hinge',
  name: 'One-leg hinge',
  family: 'hinge',
  rungs: [
    { id: 'staggered', variationId: 'staggered-romanian-deadlift', stage: 1, from: [], gate: TOP_OF_RANGE_TWICE },
    {
      id: 'on-step',
      variationId: 'rear-foot-on-step-romanian-deadlift',
      stage: 2,
      from: ['staggered'],
      gate: TOP_OF_RANGE_TWICE,
    },
    { id: 'on-wall', variationId: 'rear-foot-on-wall-romanian-deadlift', stage: 3, from: ['on-step'], gate: TOP_OF_RANGE_TWICE },
    {
      id: 'supported',
      variationId: 'supported-one-leg-romanian-deadlift',
      stage: 4,
      from: ['on-wall', 'staggered'],
      gate: reps(3, 10),
    },
    { id: 'opposite', variationId: 'one-leg-romanian-deadlift', stage: 5, from: ['supported'], gate: TOP_OF_RANGE_TWICE },
    { id: 'same-side', variationId: 'same-side-one-leg-romanian-deadlift', stage: 6, from: ['opposite'], gate: null },
    { id: 'kneeling', variationId: 'kneeling-one-leg-hinge', stage: 1, aside: true, from: [], gate: null },
  ],
} as const satisfies Ladder;

/** The bell's power ladder; opens with the bell deadlift at a quarter of body mass. */
export const swing = {
  id: 'swing',
  name: 'Swing',
  family: 'hinge',
  rungs: [
    { id: 'hike', variationId: 'hike-pass', stage: 1, from: [], gate: once(3, 3) },
    { id: 'catch', variationId: 'hike-to-catch', stage: 2, from: ['hike'], gate: once(3, 3) },
    { id: 'dead-start', variationId: 'dead-start-swing', stage: 3, from: ['catch'], gate: reps(5, 1) },
    { id: 'fives', variationId: 'kettlebell-swing', stage: 4, from: ['dead-start'], gate: reps(5, 5) },
    { id: 'timed', variationId: 'swing-finisher', stage: 5, from: ['fives'], gate: null },
  ],
} as const satisfies Ladder;

/** Brakes before jumps. */
export const jump = {
  id: 'jump',
  name: 'Jump',
  family: 'hinge',
  rungs: [
    { id: 'snap-down', variationId: 'snap-down', stage: 1, from: [], gate: reps(3, 5) },
    { id: 'box', variationId: 'box-jump', stage: 2, from: ['snap-down'], gate: reps(3, 5) },
    { id: 'squat', variationId: 'squat-jump', stage: 3, from: ['box'], gate: reps(3, 5) },
    { id: 'broad', variationId: 'broad-jump', stage: 3, from: ['box'], gate: null },
    { id: 'trap-bar', variationId: 'trap-bar-jump', stage: 4, from: ['squat'], gate: null },
  ],
} as const satisfies Ladder;

/** Hamstrings that bend the knee. Heavy hamstring work goes to the hinge. */
export const legCurl = {
  id: 'leg-curl',
  name: 'Hamstring curl',
  family: 'hinge',
  rungs: [
    { id: 'slider', variationId: 'slider-curl', stage: 1, from: [], gate: reps(3, 12) },
    { id: 'ball', variationId: 'ball-curl', stage: 2, from: ['slider'], gate: reps(3, 12) },
    { id: 'lying', variationId: 'lying-leg-curl', stage: 2, aside: true, from: [], gate: null },
    { id: 'seated', variationId: 'seated-leg-curl', stage: 2, aside: true, from: [], gate: null },
    { id: 'assisted-nordic', variationId: 'assisted-nordic-curl', stage: 3, from: ['ball', 'slider'], gate: reps(3, 6) },
    { id: 'nordic', variationId: 'nordic-curl', stage: 4, from: ['assisted-nordic'], gate: null },
    { id: 'glute-ham', variationId: 'glute-ham-raise', stage: 4, from: ['assisted-nordic'], gate: null },
  ],
} as const satisfies Ladder;

/** Held between supports. */
export const faceUpPlank = {
  id: 'face-up-plank',
  name: 'Face-up plank',
  family: 'bridge',
  rungs: [
    { id: 'reverse', variationId: 'reverse-plank', stage: 1, from: [], gate: seconds(2, 30) },
    { id: 'two-legs', variationId: 'face-up-plank', stage: 2, from: ['reverse'], gate: seconds(2, 60) },
    { id: 'one-leg', variationId: 'one-leg-face-up-plank', stage: 3, from: ['two-legs'], gate: null },
  ],
} as const satisfies Ladder;
