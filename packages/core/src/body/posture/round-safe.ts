import type { PostureRemedies } from './types';

/**
 * Remedies rounded to the safe side for showing: heel lift up to whole mm, ankle up to whole degrees, counterweight up
 * to half a kilogram, depth up (shallower) to whole degrees.
 * @example roundSafe({ heelLiftMm: 29.8, ankleDeg: 30.8, counterweightKg: 6.96, thighDeg: 64.7 }).heelLiftMm // 30
 */
export const roundSafe = ({ heelLiftMm, ankleDeg, counterweightKg, thighDeg }: PostureRemedies): PostureRemedies => ({
  heelLiftMm: heelLiftMm === null ? null : Math.ceil(heelLiftMm),
  ankleDeg: ankleDeg === null ? null : Math.ceil(ankleDeg),
  counterweightKg: counterweightKg === null ? null : Math.ceil(counterweightKg * 2) / 2,
  thighDeg: thighDeg === null ? null : Math.floor(thighDeg),
});
