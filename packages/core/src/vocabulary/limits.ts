/** Limits that are felt in a place of the body from 0 to 10. */
export const SORE_LIMITS = [
  'knee-front',
  'hip-front',
  'hip-outer',
  'hamstring-sit-bone',
  'groin',
  'low-back-bending',
  'low-back-arching',
  'ankle-stiff',
  'ankle-achilles-calf-foot',
  'neck',
  'shoulder',
  'wrist',
  'grip',
] as const;
export type SoreLimitId = (typeof SORE_LIMITS)[number];

/** Limits a person may have: sore places, then conditions and states. What each does stands in the limits room. */
export const LIMITS = [
  ...SORE_LIMITS,
  'balance',
  'fragile-bones',
  'loose-joints',
  'blood-pressure-raised',
  'heart-pressure-stroke-cleared',
  'epilepsy',
  'eye-retina',
  'blood-thinners',
  'pregnancy',
  'pelvic-girdle',
  'recent-birth',
  'hernia-caesarean',
  'see-clinician',
  'after-surgery',
  'guardian-consent',
  'health-not-asked',
] as const;
export type LimitId = (typeof LIMITS)[number];

/** Limits that hold back everything until somebody with the right to says otherwise; a trainer can't set them by hand. */
export const HOLDS = ['see-clinician', 'after-surgery', 'guardian-consent'] as const satisfies readonly LimitId[];
export type HoldId = (typeof HOLDS)[number];

/** Limits that follow from answers, or from their absence: never set by hand. */
export const DERIVED_LIMITS = [...HOLDS, 'health-not-asked'] as const satisfies readonly LimitId[];

/** Sore places that have no left and right. */
export const MIDDLE_LIMITS: readonly LimitId[] = ['low-back-bending', 'low-back-arching', 'neck'];

/** What a limit does to a movement; the strictest of several wins. */
export const LIMIT_STATES = ['locked', 'restricted', 'open', 'favoured'] as const;
export type LimitState = (typeof LIMIT_STATES)[number];

/** What about a movement a limit can be about. */
export const TRAITS = [
  'knee-forward',
  'deep-knee',
  'kneeling',
  'jump',
  'swing',
  'floor-pull',
  'deep-hinge',
  'loaded-hinge',
  'one-leg-hinge',
  'back-bar',
  'overhead',
  'front-rack',
  'get-up',
  'hands-on-floor',
  'wide',
  'side-lunge',
  'cossack',
  'deep-lunge',
  'forward-step',
  'walking',
  'deficit',
  'crosses-midline',
  'pelvis-drop',
  'long-stride',
  'far-foot',
  'rear-foot-up',
  'slider',
  'one-leg-unsupported',
  'supported',
  'hip-bar',
  'belly-load',
  'flat-on-back',
  'head-unsupported',
  'head-low',
  'hand-held',
  'long-hold',
  'heavy-brace',
  'end-range',
  'twisting',
  'raised-heel',
  'calf-load',
  'rounds-the-back',
  'box-target',
  'hold',
  'two-leg-symmetric',
  'seated',
] as const;
export type TraitId = (typeof TRAITS)[number];
