import { CURL } from '../bases';
import { ON_A_SLIDER, RANGE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** On the back, hips up; heels slide out and are pulled back in. */
export const sliderCurl = {
  ...CURL,
  id: 'slider-curl',
  name: 'Slider curl',
  aliases: ['towel leg curl'],
  kneeShare: 0,
  emphasis: { hamstrings: 0.95, glutes: 0.5 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [['slider']],
  levers: [ON_A_SLIDER, RANGE, TEMPO],
  startsAt: 'top',
  holdsAt: { bottom: 'legs long', top: 'knees bent' },
  cues: ['Hips stay up', 'Slow out', 'Pull the heels in'],
  faults: ['felt-in-low-back', 'no-full-hip-extension', 'range-short'],
  cautions: ['Cramp: shorter range, feet nearer.'],
  traits: ['slider', 'flat-on-back', 'two-leg-symmetric'],
  prerequisites: ['glute-bridge'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'on-heel', heelX: 0.42, toesUpDeg: 15 },
      farFoot: { kind: 'on-heel', heelX: 0.42, toesUpDeg: 15 },
      top: {
        root: { at: 'shoulder', x: 0, y: 0.045 },
        trunkDeg: -118,
        headDeg: -78,
        near: { kind: 'on-heel', heelX: 0.42, toesUpDeg: 15 },
        far: { kind: 'on-heel', heelX: 0.42, toesUpDeg: 15 },
        arms: { kind: 'angles', upperDeg: 84, forearmDeg: 88 },
      },
      bottom: {
        root: { at: 'shoulder', x: 0, y: 0.045 },
        trunkDeg: -98,
        headDeg: -78,
        near: { kind: 'on-heel', heelX: 0.71, toesUpDeg: 45 },
        far: { kind: 'on-heel', heelX: 0.71, toesUpDeg: 45 },
        arms: { kind: 'angles', upperDeg: 84, forearmDeg: 88 },
      },
      props: [{ kind: 'slider', under: 'near-foot' }],
    },
  },
} as const satisfies Variation;
