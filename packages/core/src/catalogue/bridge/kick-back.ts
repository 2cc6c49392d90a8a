import { ONE_LEG_BRIDGE } from '../bases';
import { BAND, SUPPORT, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Standing, the leg goes back from the hip against a band or cable. */
export const kickBack = {
  ...ONE_LEG_BRIDGE,
  id: 'kick-back',
  name: 'Kick-back',
  aliases: ['cable kick-back', 'band kick-back'],
  kneeShare: 0,
  emphasis: { glutes: 0.85, hamstrings: 0.3 },
  loadPositions: ['machine'],
  firstLoadShare: { novice: 0.03, trained: 0.08 },
  kit: [['band', 'cable']],
  levers: [SUPPORT, BAND, TEMPO],
  bodyMassShare: 0.16,
  repRange: { low: 12, high: 20 },
  startsAt: 'bottom',
  holdsAt: { bottom: 'under the hip', top: 'leg back' },
  setUpSeconds: 30,
  cues: ['From the hip, not the back', 'Ribs down', 'Squeeze behind'],
  faults: ['low-back-over-arches', 'hips-twist', 'range-short'],
  cautions: ['Hold on.'],
  traits: ['supported'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0 },
      farFoot: { kind: 'flat', heelX: 0 },
      top: {
        root: { at: 'foot', shankDeg: 4, thighDeg: 8 },
        trunkDeg: 24,
        headDeg: 14,
        far: { kind: 'free', thighDeg: -38, shankDeg: -46 },
        arms: { kind: 'at', x: 0.38, y: 0.56 },
      },
      bottom: {
        root: { at: 'foot', shankDeg: 4, thighDeg: 8 },
        trunkDeg: 22,
        headDeg: 12,
        far: { kind: 'free', thighDeg: 14, shankDeg: -10 },
        arms: { kind: 'at', x: 0.38, y: 0.56 },
      },
      props: [
        { kind: 'pole', x: 0.4, h: 0.75 },
        { kind: 'line', from: { x: 0.4, y: 0.05 }, to: 'far-foot', look: 'band' },
      ],
    },
  },
} as const satisfies Variation;
