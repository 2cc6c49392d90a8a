import type { Intent, Role, SessionShape, SplitDay, Stretch } from '@drubo/core/vocabulary';

/** Headings of a sheet's stretches. */
export const ROLE_HEADINGS: Record<Role, string> = {
  prep: 'Prep',
  main: 'Main',
  accessory: 'Accessory',
  finisher: 'Finisher',
  'cool-down': 'Cool-down',
};
export const STRETCH_HEADINGS: Record<Stretch, string> = { ...ROLE_HEADINGS, mobility: 'Mobility' };

/** Shapes of a session as a trainer says them. */
export const SHAPE_LABELS: Record<SessionShape, string> = {
  'prep-compounds-accessories': 'Prep, big lifts, accessories',
  'straight-sets': 'Straight sets',
  'pairs-with-finisher': 'Lifts paired with timed drills',
  circuit: 'Circuit by rounds',
  'tempo-circuit': 'Slow circuit, 3 s each way',
  'home-drills': 'Home drills',
  'four-drills': 'The four slow drills',
  'skill-practice': 'Skill practice',
  mobility: 'Mobility day',
  'two-day-split': 'Two-day split',
};

/** What a shape is, in a line. */
export const SHAPE_WORDS: Record<SessionShape, string> = {
  'prep-compounds-accessories': 'Drills first, then the big lifts with full rests, then weak points.',
  'straight-sets': 'A lift after another, every set with its own rest.',
  'pairs-with-finisher': 'Four or five lifts, each in turn with 30 s of something light.',
  circuit: 'Four moves in turn, three to five rounds, a rest after each round. New to it: one lift by itself first.',
  'tempo-circuit': 'Four drills in turn, 3 s each way with 3 s held, 60 s between rounds.',
  'four-drills':
    'Hinge with the bell at the belly, bridge with floor press, toes-out goblet squat, shin-box rise: slow, four rounds, 60 s between.',
  'home-drills': 'Four drills with furniture for kit, 10 to 20 minutes.',
  mobility: 'Easy holds and rocks between hard days, 10 to 25 minutes. Nothing is judged; pain is asked.',
  'skill-practice': 'Few reps, counted out loud, stopping while they are crisp.',
  'two-day-split': 'Eight lifts over two days, four a day.',
};

export const SPLIT_LABELS: Record<SplitDay, string> = { a: 'Day A: squat and bridge', b: 'Day B: hinge and lunge' };
export const INTENT_LABELS: Record<Intent, string> = { build: 'Usual', lighter: 'Lighter day' };
