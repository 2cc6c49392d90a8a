import { BRIDGE } from '../bases';
import { BAND, FEET_NEARER, HELD_ON_TOP, TEMPO, TOES_OUT } from '../scales';
import type { Variation } from '../types';

/** On top the knees open and close, without a band first, then against one; feet a little nearer, toes a little out. */
export const abductionGluteBridge = {
  ...BRIDGE,
  id: 'abduction-glute-bridge',
  name: 'Glute bridge with abduction',
  aliases: ['bridge and open'],
  kneeShare: 0,
  emphasis: { glutes: 0.85, 'side-hip': 0.8, hamstrings: 0.4 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [],
  levers: [BAND, FEET_NEARER, TOES_OUT, HELD_ON_TOP, TEMPO],
  tempo: { lowering: 2, bottom: 0, lifting: 1, top: 3 },
  repRange: { low: 10, high: 20 },
  cues: ['Hips stay high', 'Open from the hips', 'Roll to the outer edges as the knees open'],
  faults: ['no-full-hip-extension', 'felt-in-low-back', 'range-short'],
  cautions: ['Look the band over for cracks.'],
  traits: ['flat-on-back', 'two-leg-symmetric'],
  prerequisites: ['glute-bridge'],
  figure: { maker: 'bridge', benchCm: 0, footOffsetCm: -6, legs: 'two', arms: 'pressed', props: [{ kind: 'loop', at: 'knees' }] },
} as const satisfies Variation;
