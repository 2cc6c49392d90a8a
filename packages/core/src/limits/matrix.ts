import type { LimitRule } from './types';

const BASIS = { basis: 'common-practice' } as const;

/** Joints and tissues that are sore: what each locks, restricts and favours. */
const SORE: readonly LimitRule[] = [
  {
    id: 'knee-front',
    graded: true,
    locks: [
      { who: { traits: ['knee-forward'], ids: ['kneeling-one-leg-squat'] }, from: 1, unlock: 'limit-gone' },
      { who: { traits: ['deficit', 'forward-step', 'walking', 'jump'] }, unlock: 'soreness-below-4' },
    ],
    restricts: [
      { who: { traits: ['kneeling'] }, how: 'kneel-by-contact-pain' },
      { who: { families: ['step'] }, how: 'low-step-few-reps' },
      { who: { traits: ['raised-heel'] }, how: 'heel-lift-only-pain-free' },
      { who: { traits: ['deep-knee'] }, how: 'box-above-sore-range' },
      { who: { ids: ['leg-extension'] }, how: 'mid-range' },
      { who: { ids: ['bodyweight-squat', 'goblet-squat', 'back-squat', 'front-squat'] }, how: 'knee-travel-limited' },
    ],
    favours: [
      { families: ['hinge', 'bridge'] },
      { traits: ['box-target'] },
      { ids: ['wall-sit', 'held-split-squat', 'reverse-lunge', 'split-squat', 'backward-sled-drag'] },
    ],
    ...BASIS,
  },
  {
    id: 'hip-front',
    graded: true,
    locks: [{ who: { traits: ['cossack', 'deep-lunge'] }, unlock: 'soreness-below-4' }],
    restricts: [
      { who: { families: ['squat'] }, how: 'box-above-pinch' },
      { who: { traits: ['deep-hinge'] }, how: 'mid-range' },
      { who: { traits: ['end-range'] }, how: 'less-range' },
    ],
    favours: [{ families: ['bridge'] }, { traits: ['box-target'] }],
    ...BASIS,
  },
  {
    id: 'hip-outer',
    graded: true,
    locks: [],
    restricts: [
      { who: { traits: ['crosses-midline'] }, how: 'no-crossing', from: 1 },
      { who: { traits: ['pelvis-drop'] }, how: 'no-hip-drop', from: 1 },
    ],
    favours: [{ families: ['bridge'] }, { traits: ['two-leg-symmetric'] }],
    ...BASIS,
  },
  {
    id: 'hamstring-sit-bone',
    graded: true,
    locks: [
      { who: { ids: ['nordic-curl', 'assisted-nordic-curl', 'glute-ham-raise'], traits: ['swing'] }, unlock: 'soreness-below-4' },
    ],
    restricts: [
      { who: { traits: ['deep-hinge'] }, how: 'mid-range' },
      { who: { traits: ['long-stride'] }, how: 'short-stride' },
      { who: { traits: ['far-foot'] }, how: 'feet-near' },
    ],
    favours: [{ traits: ['hold'] }, { ids: ['glute-bridge', 'kettlebell-deadlift', 'hip-thrust'] }],
    ...BASIS,
  },
  {
    id: 'groin',
    graded: true,
    locks: [{ who: { traits: ['wide', 'cossack', 'side-lunge'] }, unlock: 'soreness-below-4' }],
    restricts: [
      { who: { traits: ['wide'] }, how: 'narrower' },
      { who: { traits: ['side-lunge'] }, how: 'less-range' },
    ],
    favours: [{ ids: ['ball-squeeze-glute-bridge', 'narrow-heels-up-goblet-squat', 'glute-bridge'] }],
    ...BASIS,
  },
  {
    id: 'low-back-bending',
    graded: true,
    locks: [
      { who: { traits: ['floor-pull', 'swing'] }, unlock: 'soreness-below-4' },
      { who: { traits: ['one-leg-hinge'] }, unlock: 'clean-two-leg-hinge' },
      { who: { traits: ['back-bar'] }, unlock: 'soreness-below-4' },
    ],
    restricts: [
      { who: { traits: ['deep-hinge'] }, how: 'lighter-and-higher' },
      { who: { traits: ['cossack', 'rounds-the-back'] }, how: 'less-range' },
      { who: { traits: ['loaded-hinge'] }, how: 'keep-load-close' },
    ],
    favours: [
      { loadPositions: ['goblet'] },
      { families: ['bridge'] },
      { ids: ['split-squat', 'goblet-split-squat', 'belly-held-hinge'] },
    ],
    ...BASIS,
  },
  {
    id: 'low-back-arching',
    graded: true,
    locks: [],
    restricts: [
      { who: { ids: ['hip-thrust', 'barbell-hip-thrust', 'dumbbell-hip-thrust', 'machine-hip-thrust'] }, how: 'no-lean-back' },
      { who: { traits: ['overhead'] }, how: 'ribs-down-overhead' },
      { who: { traits: ['rear-foot-up'] }, how: 'lower-rear-foot' },
    ],
    favours: [{ loadPositions: ['goblet'] }, { ids: ['dead-bug'] }],
    ...BASIS,
  },
  {
    id: 'ankle-stiff',
    graded: true,
    locks: [],
    restricts: [{ who: { families: ['squat'] }, how: 'heel-lift-or-box' }],
    favours: [{ families: ['bridge', 'hinge'] }],
    ...BASIS,
  },
  {
    id: 'ankle-achilles-calf-foot',
    graded: true,
    locks: [
      { who: { traits: ['jump'] }, from: 1, unlock: 'clearance' },
      { who: { traits: ['one-leg-unsupported', 'slider', 'walking'] }, unlock: 'soreness-below-4' },
    ],
    restricts: [
      { who: { traits: ['raised-heel'] }, how: 'heel-by-pain' },
      { who: { traits: ['calf-load'] }, how: 'calf-by-pain' },
    ],
    favours: [{ traits: ['two-leg-symmetric', 'seated', 'supported'] }],
    ...BASIS,
  },
  {
    id: 'neck',
    graded: true,
    locks: [{ who: { traits: ['head-unsupported', 'back-bar'] }, unlock: 'soreness-below-4' }],
    restricts: [{ who: { traits: ['flat-on-back', 'head-unsupported'] }, how: 'head-supported' }],
    favours: [],
    ...BASIS,
  },
  {
    id: 'shoulder',
    graded: true,
    locks: [{ who: { traits: ['overhead', 'get-up'] }, unlock: 'soreness-below-4' }],
    restricts: [{ who: { traits: ['back-bar'] }, how: 'front-hold-instead' }],
    favours: [{ loadPositions: ['goblet', 'sides'] }],
    ...BASIS,
  },
  {
    id: 'wrist',
    graded: true,
    locks: [{ who: { traits: ['hands-on-floor'], ids: ['plank-clock-reach'] }, unlock: 'soreness-below-4' }],
    restricts: [
      { who: { traits: ['front-rack'] }, how: 'crossed-or-straps' },
      { who: { traits: ['hands-on-floor'] }, how: 'on-fists' },
    ],
    favours: [],
    ...BASIS,
  },
  {
    id: 'grip',
    graded: true,
    locks: [],
    restricts: [
      { who: { loadPositions: ['sides', 'bar-in-hands', 'trap-bar', 'suitcase', 'between-feet'] }, how: 'load-off-the-hands' },
    ],
    favours: [{ loadPositions: ['goblet', 'belt', 'hips'] }],
    ...BASIS,
  },
];

/** Conditions and states: there or not. */
const STATES: readonly LimitRule[] = [
  {
    id: 'balance',
    graded: false,
    locks: [
      { who: { traits: ['one-leg-unsupported', 'walking', 'slider'] }, unlock: 'clearance' },
      // No split stance without a hand-hold: what leaves no hand free is locked.
      { who: { families: ['lunge'], lacks: 'support' }, unlock: 'clearance' },
    ],
    restricts: [{ who: { families: ['lunge', 'step', 'lateral'] }, how: 'support-on' }],
    favours: [
      {
        ids: [
          'split-squat-to-pad',
          'staggered-glute-bridge',
          'staggered-romanian-deadlift',
          'chair-sit-to-stand',
          'tandem-stance',
        ],
      },
      { traits: ['supported'] },
    ],
    ...BASIS,
  },
  {
    id: 'fragile-bones',
    graded: false,
    locks: [{ who: { traits: ['rounds-the-back', 'twisting', 'jump', 'swing'] }, unlock: 'clearance' }],
    restricts: [{ who: { traits: ['loaded-hinge', 'heavy-brace'] }, how: 'small-steps' }],
    favours: [{ traits: ['two-leg-symmetric'] }],
    ...BASIS,
  },
  {
    id: 'loose-joints',
    graded: false,
    locks: [{ who: { traits: ['end-range'] }, unlock: 'clearance' }],
    restricts: [{ who: { traits: ['deep-knee', 'deep-hinge'] }, how: 'slow-small-steps' }],
    favours: [{ traits: ['box-target', 'hold'] }],
    ...BASIS,
  },
  {
    id: 'blood-pressure-raised',
    graded: false,
    locks: [{ who: { allBut: ['prep'] }, unlock: 'clearance' }],
    restricts: [{ who: { families: ['prep'] }, how: 'keep-breathing' }],
    favours: [],
    ...BASIS,
  },
  {
    id: 'heart-pressure-stroke-cleared',
    graded: false,
    locks: [{ who: { traits: ['head-low', 'long-hold'] }, unlock: 'clearance' }],
    restricts: [
      { who: { traits: ['heavy-brace'] }, how: 'keep-breathing' },
      { who: { traits: ['flat-on-back'] }, how: 'rise-slowly' },
    ],
    favours: [],
    ...BASIS,
  },
  {
    id: 'epilepsy',
    graded: false,
    locks: [{ who: { traits: ['back-bar', 'overhead'] }, unlock: 'clearance' }],
    restricts: [{ who: { traits: ['heavy-brace'] }, how: 'spotter' }],
    favours: [],
    ...BASIS,
  },
  {
    id: 'eye-retina',
    graded: false,
    locks: [{ who: { traits: ['heavy-brace', 'head-low', 'long-hold'] }, unlock: 'clearance' }],
    restricts: [],
    favours: [],
    ...BASIS,
  },
  {
    id: 'blood-thinners',
    graded: false,
    locks: [{ who: { traits: ['hip-bar'] }, unlock: 'thick-pad-and-clearance' }],
    restricts: [{ who: { traits: ['jump'] }, how: 'no-impact' }],
    favours: [],
    ...BASIS,
  },
  {
    id: 'pregnancy',
    graded: false,
    locks: [
      { who: { traits: ['hip-bar', 'belly-load', 'slider', 'walking', 'one-leg-unsupported', 'jump'] }, unlock: 'clearance' },
    ],
    restricts: [
      { who: { traits: ['flat-on-back'] }, how: 'not-flat-for-long' },
      { who: { traits: ['heavy-brace'] }, how: 'keep-breathing' },
    ],
    favours: [{ ids: ['goblet-squat', 'split-squat-to-pad', 'chair-sit-to-stand', 'suitcase-squat', 'hip-thrust'] }],
    ...BASIS,
  },
  {
    id: 'pelvic-girdle',
    graded: false,
    locks: [{ who: { traits: ['wide', 'cossack', 'one-leg-unsupported', 'long-stride', 'side-lunge'] }, unlock: 'clearance' }],
    restricts: [{ who: { families: ['lunge', 'step'] }, how: 'less-range' }],
    favours: [{ traits: ['two-leg-symmetric'] }],
    ...BASIS,
  },
  {
    id: 'recent-birth',
    graded: false,
    locks: [
      { who: { traits: ['jump'] }, unlock: 'twelve-weeks' },
      { who: { loadedOnly: true }, unlock: 'clearance' },
    ],
    restricts: [{ who: { traits: ['heavy-brace', 'swing', 'floor-pull'] }, how: 'symptoms-ease' }],
    favours: [{ ids: ['glute-bridge', 'goblet-squat', 'dead-bug'] }],
    ...BASIS,
  },
  {
    id: 'hernia-caesarean',
    graded: false,
    locks: [{ who: { traits: ['belly-load', 'hip-bar', 'heavy-brace'] }, unlock: 'clearance' }],
    restricts: [],
    favours: [],
    ...BASIS,
  },
];

/** What holds back everything until somebody with the right to says otherwise. */
const HELD: readonly LimitRule[] = [
  {
    id: 'see-clinician',
    graded: false,
    locks: [{ who: { allBut: [] }, unlock: 'clearance' }],
    restricts: [],
    favours: [],
    ...BASIS,
  },
  {
    id: 'after-surgery',
    graded: false,
    locks: [{ who: { allBut: [] }, unlock: 'clearance-that-lists-it' }],
    restricts: [],
    favours: [],
    ...BASIS,
  },
  {
    id: 'guardian-consent',
    graded: false,
    locks: [{ who: { allBut: [] }, unlock: 'guardian-consent' }],
    restricts: [],
    favours: [],
    ...BASIS,
  },
  {
    id: 'health-not-asked',
    graded: false,
    locks: [{ who: { loadedOnly: true, traits: ['jump', 'swing'] }, unlock: 'four-answers' }],
    restricts: [],
    favours: [],
    ...BASIS,
  },
];

/** Every limit's rule. Usual clinical and coaching practice, written from memory; cautions, never a diagnosis. */
export const LIMIT_RULES: readonly LimitRule[] = [...SORE, ...STATES, ...HELD];
