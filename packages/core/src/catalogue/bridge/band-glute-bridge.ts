import { BRIDGE } from '../bases';
import { FOOT_DISTANCE, TEMPO, TOP_HOLD, WITH_BAND } from '../scales';
import type { Variation } from '../types';

/** A band above the knees; push out against it all the way. */
export const bandGluteBridge = {
  ...BRIDGE,
  id: 'band-glute-bridge',
  name: 'Band glute bridge',
  aliases: ['banded bridge'],
  kneeShare: 0,
  emphasis: { glutes: 0.9, 'side-hip': 0.6, hamstrings: 0.4 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [['band']],
  levers: [WITH_BAND, FOOT_DISTANCE, TOP_HOLD, TEMPO],
  cues: ['Knees push the band', 'Feet flat and still', 'Squeeze to the top'],
  faults: ['knees-cave', 'no-full-hip-extension', 'felt-in-low-back'],
  cautions: ['Look the band over for cracks.'],
  traits: ['flat-on-back', 'two-leg-symmetric'],
  figure: { maker: 'bridge', benchCm: 0, footOffsetCm: -4, legs: 'two', arms: 'pressed', props: [{ kind: 'loop', at: 'knees' }] },
} as const satisfies Variation;
