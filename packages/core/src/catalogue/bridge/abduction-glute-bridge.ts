import { BRIDGE } from '../bases';
import { FOOT_DISTANCE, TEMPO, WITH_BAND } from '../scales';
import type { Variation } from '../types';

/** At the top the knees open and close against the band; feet slightly closer. */
export const abductionGluteBridge = {
  ...BRIDGE,
  id: 'abduction-glute-bridge',
  name: 'Glute bridge with abduction',
  aliases: ['bridge and open'],
  kneeShare: 0,
  emphasis: { glutes: 0.85, 'side-hip': 0.8, hamstrings: 0.4 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [['band']],
  levers: [WITH_BAND, FOOT_DISTANCE, TEMPO],
  repRange: { low: 10, high: 20 },
  cues: ['Hips stay high', 'Open from the hips', 'Feet stay flat'],
  faults: ['no-full-hip-extension', 'felt-in-low-back', 'range-short'],
  cautions: ['Look the band over for cracks.'],
  traits: ['flat-on-back', 'two-leg-symmetric'],
  prerequisites: ['band-glute-bridge'],
  figure: { maker: 'bridge', benchCm: 0, footOffsetCm: -6, legs: 'two', arms: 'pressed', props: [{ kind: 'loop', at: 'knees' }] },
} as const satisfies Variation;
