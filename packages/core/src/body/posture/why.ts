import { reason } from '../../vocabulary';
import type { Reason } from '../../vocabulary';
import type { ModelPose } from './model';
import type { PostureBody } from './types';

/** Width of the band a moment is shown as, percent either way. House default. */
const BAND_PERCENT = 25;

/** A moment as people may see it: a band, rounded to tens. */
export const asBand = (nm: number): { fromNm: number; toNm: number } => ({
  fromNm: Math.round((nm * (1 - BAND_PERCENT / 100)) / 10) * 10,
  toNm: Math.round((nm * (1 + BAND_PERCENT / 100)) / 10) * 10,
});

/** Where the numbers of a modelled position come from. */
export const postureReasons = (body: PostureBody, loadKg: number, pose: ModelPose): Reason[] => [
  reason(
    'posture-balance',
    { heightCm: body.heightM * 100, massKg: body.massKg, ankleDeg: body.ankleDeg, loadKg },
    'winter-segments',
  ),
  ...(pose.kneeNm === null || pose.hipNm === null
    ? []
    : [reason('posture-share', { kneeNm: pose.kneeNm, hipNm: pose.hipNm }, 'winter-segments')]),
  ...(pose.lowBackNm === null
    ? []
    : [reason('posture-low-back', { lowBackNm: pose.lowBackNm, bandPercent: BAND_PERCENT }, 'house-default')]),
];

/** From these glute shares on a bridge is told as mostly the glutes', or as shared. House defaults. */
const GLUTES_FROM = { glutes: 0.75, both: 0.4 } as const;

/** What works in a bridge, as a direction: the foot's push along the floor is not known, so that a number would say too much. */
export const gluteBand = (gluteShare: number): 'glutes' | 'both' | 'hamstrings' =>
  gluteShare >= GLUTES_FROM.glutes ? 'glutes' : gluteShare >= GLUTES_FROM.both ? 'both' : 'hamstrings';
