import { TWO_LEG_SQUAT } from '../bases';
import { RANGE, STANCE_WIDTH, TEMPO } from '../scales';
import { inThePress } from '../in-the-press';
import type { Variation } from '../types';

/** Seated, feet on the sled: load without balance. Numbers belong to this machine only. */
export const legPress = {
  ...TWO_LEG_SQUAT,
  id: 'leg-press',
  name: 'Leg press',
  aliases: ['sled press'],
  kneeShare: 0.55,
  emphasis: { 'front-thigh': 0.85, glutes: 0.55, adductors: 0.3 },
  loadPositions: ['machine'],
  firstLoadShare: { novice: 0.8, trained: 1.5 },
  kit: [['leg-press']],
  levers: [RANGE, STANCE_WIDTH, TEMPO],
  bodyMassShare: 0,
  setUpSeconds: 60,
  holdsAt: { bottom: 'knees bent', top: 'legs long' },
  cues: ['Tail stays on the seat', 'Whole foot on the plate', 'Soft knees at the end'],
  faults: ['low-back-rounds', 'knees-cave', 'bounces-at-the-bottom', 'range-short'],
  cautions: ['Stops set before loading.', 'Don’t snap the knees straight.'],
  traits: ['seated', 'two-leg-symmetric'],
  figure: inThePress({ kind: 'ankle-at', x: 0.352, y: 0.49, toesDeg: 128 }, { kind: 'ankle-at', x: 0.21, y: 0.37, toesDeg: 128 }),
} as const satisfies Variation;
