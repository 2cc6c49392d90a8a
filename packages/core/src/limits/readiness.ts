import type { CautionId, LimitId, ReadinessId } from '../vocabulary';

/** What a yes to a readiness question means. */
export interface ReadinessRule {
  id: ReadinessId;
  /** Holds everything until a clinician's clearance is recorded. */
  flags: boolean;
  limits: readonly LimitId[];
  cautions: readonly CautionId[];
}

const yes = (id: ReadinessId, means: Partial<Omit<ReadinessRule, 'id'>>): ReadinessRule => ({
  id,
  flags: false,
  limits: [],
  cautions: [],
  ...means,
});

/**
 * What each yes means. Usual practice before exercise, written from memory: cautious, never a diagnosis, and the
 * strictest wins. A pregnancy and a heart condition flag until a clearance is recorded; then their limits stay.
 */
export const READINESS_RULES: readonly ReadinessRule[] = [
  yes('chest-on-effort', { flags: true }),
  yes('faints-or-dizzy', { flags: true }),
  yes('breathless-at-rest', { flags: true }),
  yes('heart-condition', { flags: true, limits: ['heart-pressure-stroke-cleared'], cautions: ['rise-slowly'] }),
  yes('stroke', { flags: true, limits: ['heart-pressure-stroke-cleared'], cautions: ['rise-slowly'] }),
  yes('epilepsy', { limits: ['epilepsy'] }),
  yes('asthma', { cautions: ['inhaler-at-hand'] }),
  yes('diabetes', { cautions: ['sugar-at-hand'] }),
  yes('high-pressure', { limits: ['heart-pressure-stroke-cleared'], cautions: ['measure-pressure'] }),
  yes('pregnant', { flags: true, limits: ['pregnancy'] }),
  yes('birth-within-year', { limits: ['recent-birth'], cautions: ['ease-on-symptoms'] }),
  yes('surgery-within-two-years', { limits: ['after-surgery'] }),
  yes('joint-replaced', { limits: ['after-surgery'] }),
  yes('fragile-bones', { limits: ['fragile-bones'] }),
  yes('loose-joints', { limits: ['loose-joints'] }),
  yes('numb-feet', { limits: ['balance'], cautions: ['shoes-on'] }),
  yes('hernia', { limits: ['hernia-caesarean'] }),
  yes('pelvic-floor', { cautions: ['ease-on-symptoms'] }),
  yes('eye-retina', { limits: ['eye-retina'] }),
  yes('falls', { limits: ['balance'], cautions: ['balance-watch'] }),
  yes('unexplained-pain', { flags: true }),
  yes('blood-thinners', { limits: ['blood-thinners'] }),
  yes('sugar-lowering', { cautions: ['sugar-at-hand'] }),
  yes('steroids', { cautions: ['tendons-slowly', 'bones-slowly'] }),
  yes('some-antibiotics', { cautions: ['tendons-slowly'] }),
  yes('statins', { cautions: ['muscle-weakness-watch'] }),
  yes('sedatives', { cautions: ['balance-watch'] }),
  yes('beta-blockers', { cautions: ['effort-not-pulse'] }),
];

/** Blood pressure in mmHg: from here no session at all, and from here held back until cleared. From memory, clinical practice. */
export const PRESSURE_BANDS = {
  held: { systolic: 180, diastolic: 110 },
  raised: { systolic: 160, diastolic: 100 },
} as const;

/** The band of a reading. Either number is enough. */
export const pressureBand = ({ systolic, diastolic }: { systolic: number; diastolic: number }): 'held' | 'raised' | 'usual' => {
  const { held, raised } = PRESSURE_BANDS;
  if (systolic >= held.systolic || diastolic >= held.diastolic) return 'held';
  return systolic >= raised.systolic || diastolic >= raised.diastolic ? 'raised' : 'usual';
};
