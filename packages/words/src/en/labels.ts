import type { PresetId } from '@drubo/core/kit';
import type { SetUpStage } from '@drubo/core/knowledge';
import type {
  BasisId,
  CueKind,
  DailyTask,
  EmphasisId,
  Family,
  FaultId,
  Goal,
  KitItem,
  LimitId,
  LoadPosition,
  MethodId,
  QuestionId,
  SCHOOLS,
  SchoolId,
  SetEnding,
  Side,
  Stance,
  TrainingAge,
  Verdict,
} from '@drubo/core/vocabulary';

/** Words for ids, as they stand on screen. */
export const GOAL_LABELS: Record<Goal, string> = {
  'build-muscle': 'Build muscle',
  'get-stronger': 'Get stronger',
  'move-well': 'Move well',
  'fat-loss-and-capacity': 'Fat loss and capacity',
  power: 'Power',
};

export const TRAINING_AGE_LABELS: Record<TrainingAge, string> = {
  novice: 'New to it',
  intermediate: 'Some years',
  advanced: 'Many years',
};

export const FAMILY_LABELS: Record<Family, string> = {
  squat: 'Squat',
  lunge: 'Lunge',
  hinge: 'Hinge',
  bridge: 'Bridge',
  step: 'Step',
  lateral: 'Lateral',
  calf: 'Calf',
  trunk: 'Trunk',
  prep: 'Prep',
  power: 'Power',
  finisher: 'Finisher',
};

export const STANCE_LABELS: Record<Stance, string> = {
  'two-leg': 'two legs',
  staggered: 'staggered',
  'one-leg': 'one leg',
  alternating: 'alternating',
  'one-side': 'one side',
};

export const SET_UP_STAGE_LABELS: Record<SetUpStage, string> = {
  before: 'Before',
  take: 'Taking it',
  stand: 'Standing with it',
  breath: 'Breath',
  back: 'Putting it back',
  fail: 'If it won’t go',
};

export const POSITION_LABELS: Record<LoadPosition, string> = {
  none: 'nothing held',
  counterweight: 'held out in front',
  belly: 'held to the belly',
  'between-feet': 'between the feet',
  sides: 'held at the sides',
  suitcase: 'held at one side',
  hips: 'across the hips',
  belt: 'hung from a belt',
  goblet: 'held at the chest',
  rack: 'one at each shoulder',
  'rack-one': 'one at one shoulder',
  zercher: 'in the elbows',
  'front-bar': 'bar in front',
  'back-bar': 'bar on the back',
  'bar-in-hands': 'bar in the hands',
  'trap-bar': 'trap bar',
  overhead: 'held overhead',
  machine: 'on the machine',
};

export const EMPHASIS_LABELS: Record<EmphasisId, string> = {
  'front-thigh': 'front of thigh',
  hamstrings: 'hamstrings',
  glutes: 'glutes',
  adductors: 'inner thigh',
  'side-hip': 'side hip',
  calves: 'calves',
  'low-back': 'low back',
  trunk: 'trunk',
  balance: 'balance',
  mobility: 'mobility',
};

export const LIMIT_LABELS: Record<LimitId, string> = {
  'knee-front': 'sore knee, front',
  'hip-front': 'hip pinch in front',
  'hip-outer': 'sore outer hip',
  'hamstring-sit-bone': 'sore hamstring or sit bone',
  groin: 'sore groin',
  'low-back-bending': 'low back, bending',
  'low-back-arching': 'low back, arching',
  'ankle-stiff': 'stiff ankle',
  'ankle-achilles-calf-foot': 'ankle, Achilles, calf or foot',
  neck: 'neck',
  shoulder: 'shoulder',
  wrist: 'wrist',
  grip: 'grip',
  balance: 'poor balance, falls, numb feet',
  'fragile-bones': 'fragile bones',
  'loose-joints': 'loose joints',
  'blood-pressure-raised': 'blood pressure 160–179 / 100–109',
  'heart-pressure-stroke-cleared': 'heart, pressure or stroke, cleared',
  epilepsy: 'epilepsy',
  'eye-retina': 'retina, recent eye surgery',
  'blood-thinners': 'blood thinners',
  pregnancy: 'pregnancy, cleared',
  'pelvic-girdle': 'pelvic-girdle pain',
  'recent-birth': 'birth within a year',
  'hernia-caesarean': 'hernia or caesarean',
  'see-clinician': 'a clinician has to look first',
  'after-surgery': 'operation within two years, or a joint replaced',
  'guardian-consent': 'under 18 without a guardian’s consent',
  'health-not-asked': 'health not asked yet',
};

export const KIT_LABELS: Record<KitItem, string> = {
  dumbbell: 'dumbbell',
  'dumbbell-pair': 'two dumbbells',
  kettlebell: 'bell',
  'kettlebell-pair': 'two bells',
  barbell: 'bar',
  rack: 'rack',
  'trap-bar': 'trap bar',
  'safety-bar': 'safety bar',
  landmine: 'bar pivot',
  'small-plates': 'small plates',
  bench: 'bench',
  'second-bench': 'second bench',
  box: 'box',
  'low-step': 'low step',
  pad: 'pad',
  stick: 'stick',
  wall: 'wall',
  strap: 'straps',
  band: 'band',
  slider: 'sliders',
  ball: 'big ball',
  'small-ball': 'small ball',
  block: 'light block',
  cable: 'cable',
  belt: 'hip belt',
  'partner-or-anchor': 'something to hold the ankles',
  'leg-press': 'leg press',
  'hack-squat': 'hack squat machine',
  'guided-bar': 'guided bar',
  'leg-extension': 'leg extension machine',
  'leg-curl': 'leg curl machine',
  'thrust-machine': 'thrust machine',
  'back-extension-bench': '45° bench',
  'glute-ham-bench': 'glute-ham bench',
  'assisted-dip-machine': 'assisted machine',
  sled: 'sled',
  chair: 'chair',
  sofa: 'sofa',
  stair: 'stair',
  towel: 'towel',
  cushion: 'cushion',
  broom: 'broom',
  book: 'book',
  rucksack: 'loaded rucksack',
  doorway: 'doorway',
};

/** What is named without an article: more than one, or something that isn't counted. */
const NO_ARTICLE: ReadonlySet<KitItem> = new Set<KitItem>([
  'dumbbell-pair',
  'kettlebell-pair',
  'small-plates',
  'strap',
  'slider',
  'partner-or-anchor',
]);

/** A thing of the kit in a sentence. @example aKitItem('kettlebell-pair') // 'two bells' */
export const aKitItem = (item: KitItem): string => {
  const label = KIT_LABELS[item];
  if (NO_ARTICLE.has(item)) return label;
  return `${/^[aeiou]/i.test(label) ? 'an' : 'a'} ${label}`;
};

export const PRESET_LABELS: Record<PresetId, string> = { studio: 'Studio', 'living-room': 'Living room' };

export const VERDICT_LABELS: Record<Verdict, string> = {
  'move-up': 'Move up',
  'same-again': 'Same again',
  'ease-back': 'Ease back',
  'leave-out': 'Leave out',
};

/** How an exercise progresses, short and in a sentence. */
export const METHOD_LABELS: Record<MethodId, string> = {
  'reserve-led': 'By reps in reserve',
  'range-then-load': 'Range, then load',
  'two-for-two': 'Two for two',
  'straight-line': 'Straight line',
  'ladder-gate': 'By stages',
};
export const METHOD_WORDS: Record<MethodId, string> = {
  'reserve-led': 'Every set feeds an estimate of strength; it picks load and reps for the reserve you want.',
  'range-then-load': 'Reps climb to the top of the range in all sets, then the next load.',
  'two-for-two': 'Two reps over the goal in the last set, two sessions running, then the next load.',
  'straight-line': 'One small step every session that was done.',
  'ladder-gate': 'Clean work shown often enough earns the next stage.',
};

/** Questions of a verdict, in the order they are asked. */
export const QUESTION_LABELS: Record<QuestionId, string> = {
  pain: 'Pain',
  done: 'Anything to judge',
  clean: 'Clean',
  grip: 'Grip',
  cut: 'Cut short',
  method: 'Method',
  stall: 'Stalled',
  dip: 'Dipping',
  back: 'What was eased comes back?',
  'too-easy': 'Too easy to repeat?',
  spent: 'Too little left?',
  'may-move-up': 'May it move up',
  'session-cap': 'Not too much at once',
};

export const SIDE_LABELS: Record<Side, string> = { left: 'left leg', right: 'right leg', both: 'both legs' };

export const ENDING_LABELS: Record<SetEnding, string> = {
  planned: 'As planned',
  choice: 'Chose to stop',
  form: 'Form went',
  grip: 'Grip gave out',
  pain: 'Pain',
  failure: 'Could not lift it',
  interrupted: 'Interrupted',
};

/** What a cue works by, said after it. */
export const CUE_KIND_LABELS: Record<CueKind, string> = {
  feel: 'to feel',
  picture: 'a picture',
  aim: 'to aim at',
  look: 'to look at',
  breath: 'the breath',
  hand: 'your hand, asked first',
};

export const FAULT_LABELS: Record<FaultId, string> = {
  'heels-lift': 'heels lift',
  'chest-falls': 'chest falls',
  'knees-cave': 'knees cave',
  'low-back-rounds': 'low back rounds',
  'back-moves-into-rounding': 'back moves into rounding',
  'range-short': 'range short',
  'bounces-at-the-bottom': 'bounces',
  'bell-drifts-forward': 'weight drifts forward',
  'hinge-turns-into-a-squat': 'turns into a squat',
  'front-heel-lifts': 'front heel lifts',
  wobble: 'wobble',
  'pushes-from-the-back-leg': 'pushes off back leg',
  'weight-rolls': 'weight rolls to toes or heels',
  'low-back-over-arches': 'low back over-arches',
  'hips-shoot-up': 'hips shoot up first',
  'leans-back-at-lock-out': 'leans back at the top',
  'hips-shift': 'hips shift to one side',
  'breath-held': 'breath held',
  'falls-backward': 'falls backward',
  'hips-twist': 'hips twist or hitch',
  'hip-drops': 'one hip drops',
  'lands-instead-of-lowers': 'lands, doesn’t lower',
  'trunk-tips': 'trunk tips',
  'collapses-on-the-box': 'collapses on the box',
  'arms-lift-the-bell': 'arms lift the bell',
  'elbows-drop': 'elbows drop',
  'grip-goes-first': 'grip goes first',
  'no-full-hip-extension': 'hips not all the way',
  'felt-in-low-back': 'felt in low back',
  'head-tips-back': 'head tips back',
  'tempo-lost': 'tempo lost',
  'low-back-takes-over': 'low back takes over',
  'upper-back-rounds': 'upper back rounds',
  'slack-left-in': 'slack not taken out',
  'elbows-flare-back': 'elbows flare back',
};

export const BASIS_LABELS: Record<BasisId, string> = {
  'common-practice': 'Common practice, no published source',
  'house-default': 'Drubo house default',
  'acsm-2009': 'ACSM position stand 2009, progression models',
  'nsca-essentials-4': 'NSCA Essentials, 4th edition',
  'pain-monitoring-thomee': 'Pain-monitoring model, Thomeé 1997 and Silbernagel 2007',
  'winter-segments': 'Winter, Biomechanics and Motor Control of Human Movement, segment tables; a still model of our own',
  'strength-model': 'Drubo’s strength model, tuned on simulated people; no human data',
  'epley-1985': 'Epley 1985',
  'brzycki-1993': 'Brzycki 1993',
  'lander-1985': 'Lander 1985',
  'lombardi-1989': 'Lombardi 1989',
  'mayhew-1992': 'Mayhew and others 1992',
  'oconner-1989': 'O’Conner and others 1989',
  'wathan-1994': 'Wathan 1994',
  'weight-bearing-lunge-test': 'Weight-bearing lunge test, Bennell and others 1998, from memory',
  'session-rpe-foster': 'Session effort times minutes, monotony and strain: Foster 1998 and Foster and others 2001, from memory',
  'velocity-loss': 'Slowing within a set: Sánchez-Medina and González-Badillo 2011, from memory',
  trainer: 'Your own edit',
};

/** Questions good trainers answer differently, as a form asks them. */
export const SCHOOL_LABELS: {
  [Id in SchoolId]: { question: string; answers: Record<(typeof SCHOOLS)[Id][number], string> };
} = {
  progress: {
    question: 'How loaded work moves on',
    answers: {
      'reserve-led': METHOD_LABELS['reserve-led'],
      'range-then-load': METHOD_LABELS['range-then-load'],
      'two-for-two': METHOD_LABELS['two-for-two'],
      'straight-line': METHOD_LABELS['straight-line'],
    },
  },
  rest: { question: 'Rest', answers: { 'by-goal': 'By the goal', short: 'Short and dense', long: 'Long' } },
  effort: {
    question: 'Effort in light accessories',
    answers: { reserve: 'Stop short, by reserve', 'until-form-ends': 'Until form ends' },
  },
  knees: { question: 'Knees past the toes', answers: { free: 'Fine', limited: 'Held at the toes' } },
  foot: { question: 'Weight in a squat', answers: { whole: 'On the whole foot', heels: 'In the heels' } },
  back: {
    question: 'Low back in a hinge',
    answers: { flat: 'Flat, neutral', 'held-rounding': 'A slight rounding that is held', tuck: 'Tail under first' },
  },
  box: { question: 'At the box', answers: { brush: 'Brush it', sit: 'Sit, stay braced' } },
  grip: {
    question: 'When the bar outgrows the hands',
    answers: { 'palms-back': 'Both palms back', 'one-each-way': 'One palm each way', straps: 'Straps' },
  },
  rack: { question: 'Hands on a bar in front', answers: { fingers: 'Fingers under', crossed: 'Arms crossed', straps: 'Straps' } },
  order: {
    question: 'How a session begins',
    answers: { 'prep-first': 'Drills first', 'straight-in': 'Straight to the lifts' },
  },
};

/** What somebody wants to manage in their days, as it stands in a sentence. */
export const TASK_LABELS: Record<DailyTask, string> = {
  'floor-to-stand': 'getting up from the floor',
  stairs: 'stairs',
  carrying: 'carrying',
  running: 'running',
  jumping: 'jumping',
};
