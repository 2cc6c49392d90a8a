import type { KitItem, LoadPosition } from '../vocabulary';
import { FROM_A_BOX, FROM_HOOKS_BACK, FROM_HOOKS_FRONT, ON_THE_SAFETIES, OVER_THE_LEGS, ROUND_THE_HEAD } from './set-up-drawings';
import type { SetUpFigure } from './set-up-drawings';
import type { Variation } from './types';

/** What setting up goes through, in order. `fail`: what is done when a rep won't go up. */
export const SET_UP_STAGES = ['before', 'take', 'stand', 'breath', 'back', 'fail'] as const;
export type SetUpStage = (typeof SET_UP_STAGES)[number];

/** One thing done before, or after, the reps. */
export interface SetUpStep {
  stage: SetUpStage;
  text: string;
}

type Held = { variation: Variation; position: LoadPosition };
/** Lines by stage, and what of them is drawn: where a picture says more than its line. */
type Steps = Partial<Record<SetUpStage, readonly string[]>> & { drawn?: Partial<Record<SetUpStage, SetUpFigure>> };

const needs = ({ kit }: Variation, ...items: KitItem[]): boolean => kit.some((need) => need.some((item) => items.includes(item)));
const isAt = ({ position }: Held, ...positions: LoadPosition[]): boolean => positions.includes(position);
const isFromTheFloor = ({ variation, position }: Held): boolean =>
  variation.startsAt === 'bottom' && (position === 'bar-in-hands' || position === 'trap-bar');

const isOnTheFloor = ({ variation }: Held): boolean =>
  variation.traits.includes('get-up') || variation.id === 'bridge-floor-press';
const isThrown = ({ variation }: Held): boolean => variation.family === 'power' || variation.family === 'finisher';
const isGuided = ({ variation }: Held): boolean => needs(variation, 'guided-bar');

/** Where the hands take a bar on the floor, where it isn't just outside the legs. */
const HANDS: Readonly<Record<string, 'inside' | 'wide'>> = { 'wide-stance-deadlift': 'inside', 'snatch-grip-deadlift': 'wide' };
const hasHands = ({ variation: { id, custom }, position }: Held, where: 'outside' | 'inside' | 'wide'): boolean =>
  position === 'bar-in-hands' && (HANDS[custom?.basedOn ?? id] ?? 'outside') === where;

const isHeldStill = ({ variation: { traits } }: Held): boolean => traits.includes('hold');

const isLifted = (held: Held): boolean =>
  !isAt(held, 'none') && !isHeldStill(held) && !isThrown(held) && !isOnTheFloor(held) && held.variation.seconds === null;

/** When to breathe. Nothing here is held long: whoever has a limit on it does the same. */
const BREATH: readonly (readonly [(held: Held) => boolean, Steps])[] = [
  [isHeldStill, { breath: ['Breathe all the time, longer out than in. A breath held means it is too hard.'] }],
  [
    (held) => isThrown(held) && isAt(held, 'between-feet'),
    { breath: ['Short and sharp out as the hips snap, in on the way back.'] },
  ],
  [({ variation }) => variation.traits.includes('get-up'), { breath: ['In before each stage, out as you move through it.'] }],
  [
    (held) => isLifted(held) && held.variation.startsAt === 'top',
    { breath: ['In and brace before the way down, out through the effort; heavy ones begin anew with each rep.'] },
  ],
  [
    (held) => isLifted(held) && held.variation.startsAt === 'bottom',
    { breath: ['In and brace before it leaves, out through the effort; heavy ones begin anew with each rep.'] },
  ],
];

/** What stands in hooks. The height is that of the bar's place, less what knees a little bent give. */
const FROM_HOOKS: Steps = {
  before: [
    'Hooks a hand lower than the bar will lie: it comes off with knees a little bent, never on tiptoe.',
    'Safeties just under its lowest place; try them once with the empty bar.',
    'Collars on.',
  ],
  stand: ['Two or three short steps back, feet where they work, then they stay.'],
  back: ['Walk forward until the bar touches both uprights, then bend the knees. Never aim for the hooks.'],
};

/**
 * How a load is got into place, stood with, put back, and got rid of, for whatever is held so. Several may fit one movement.
 * Common practice, no source; big bells, the bell on the floor and the bench at a wall: kit safety in the pages on safety.
 */
const SET_UPS: readonly (readonly [(held: Held) => boolean, Steps])[] = [
  [(held) => isAt(held, 'back-bar', 'front-bar') && !isGuided(held), FROM_HOOKS],
  [
    isGuided,
    {
      before: ['Stops just under the lowest place of the bar; try them once with it empty.'],
      take: ['Bar on the upper back, feet where they work, turn it out of its hooks once the legs carry it.'],
      back: ['Stand, turn it back into its hooks, and see that both hold.'],
      fail: ['Turn it into the nearest hooks, or sink onto the stops.'],
    },
  ],
  [
    (held) => isAt(held, 'back-bar') && !isGuided(held) && !needs(held.variation, 'safety-bar'),
    {
      take: [
        'Hands even on the marks, shoulder-blades together, bar on the muscle they make, never on the neck.',
        'Both feet under the bar, breathe in and brace, then stand up with it.',
      ],
      fail: ['Sink onto the safeties and go out forward from under the bar. Nobody saves it alone from behind.'],
      drawn: { take: FROM_HOOKS_BACK, fail: ON_THE_SAFETIES },
    },
  ],
  [
    (held) => needs(held.variation, 'safety-bar'),
    {
      take: ['Pad on the shoulders, hands on the handles; both feet under it, brace, stand up with it.'],
      fail: ['Sink onto the safeties and go out forward from under it.'],
      drawn: { take: FROM_HOOKS_BACK, fail: ON_THE_SAFETIES },
    },
  ],
  [
    (held) => isAt(held, 'front-bar'),
    {
      take: ['Bar on the shoulders at the throat, elbows up; fingertips, crossed arms or straps.'],
      fail: ['Elbows down, step back, let it fall forward onto the safeties.'],
      drawn: { take: FROM_HOOKS_FRONT },
    },
  ],
  [
    (held) => isAt(held, 'zercher'),
    {
      before: ['Hooks at the height of the elbows, a pad round the bar.', 'Safeties just under its lowest place.'],
      take: ['Bar in the crooks of the arms, fists together at the chest; brace, stand up with it.'],
      stand: ['Two short steps back.'],
      back: ['Walk forward until the bar touches both uprights, then bend the knees.'],
      fail: ['Sink onto the safeties and straighten the arms.'],
    },
  ],
  [(held) => isFromTheFloor(held) && hasHands(held, 'outside'), { take: ['Hands just outside the legs.'] }],
  [(held) => isFromTheFloor(held) && hasHands(held, 'inside'), { take: ['Hands inside the legs, shoulders over the bar.'] }],
  [
    (held) => isFromTheFloor(held) && hasHands(held, 'wide'),
    { take: ['Hands wide, a hand from the discs; straps where the grip goes first.'] },
  ],
  [
    (held) => isFromTheFloor(held) && isAt(held, 'bar-in-hands'),
    {
      before: [
        'Discs of about 45 cm, or blocks that bring the bar as high: smaller ones make it a deeper lift.',
        'Bar over the middle of the foot, a hand from standing shins.',
      ],
      take: ['Hips back, shins to the bar without moving it.', 'Slack out of arms and bar, brace, then push.'],
      back: ['Hips back first, bar down along the legs to where it came from; let it stand before the next.'],
      fail: ['Open the hands in front of you. Never round the back to save it, never turn.'],
    },
  ],
  [
    (held) => isAt(held, 'trap-bar'),
    {
      before: ['Middle of the feet in line with the handles; high handles first.'],
      take: ['Hands in the middle of the handles, slack out, brace, then push.'],
      back: ['Down as it came up, and let go only when it stands.'],
      fail: ['Open both hands at once and stand still.'],
    },
  ],
  [
    (held) => isAt(held, 'bar-in-hands') && !isFromTheFloor(held),
    {
      before: ['Hooks at mid-thigh, or lifted from the floor as a deadlift.'],
      take: ['Hands just outside the legs, shoulder-blades down, stand up with it.'],
      stand: ['One short step back, feet under the hips, knees soft.'],
      back: ['To the hooks, or down to the floor with the hips back.'],
      fail: ['Let it slide down the thighs to the floor with a flat back, then open the hands.'],
    },
  ],
  [
    (held) => isAt(held, 'hips') && needs(held.variation, 'barbell'),
    {
      before: ['A thick pad round the middle of the bar.'],
      take: [
        'Legs straight, roll it over them into the crease of the hips; with small discs somebody helps, or it lies on blocks.',
        'Both hands hold it all the time.',
      ],
      back: ['Hips down, legs straight, roll it away over them.'],
      fail: ['Hips down to the floor: the discs hold it off you.'],
      drawn: { take: OVER_THE_LEGS },
    },
  ],
  [
    (held) => isAt(held, 'hips') && !needs(held.variation, 'barbell'),
    {
      take: ['Sit with it at your side, take it with two hands, lay it in the crease of the hips on a pad; both hands hold it.'],
      back: ['Sit up or roll to the side, and set it down with two hands.'],
    },
  ],
  [
    ({ variation }) => variation.family === 'bridge' && needs(variation, 'bench') && /thrust/.test(variation.id),
    {
      before: ['Bench against a wall so that it can’t slide; its edge under the shoulder-blades when you sit: some 35 to 45 cm.'],
    },
  ],
  [
    ({ variation }) =>
      variation.family === 'bridge' &&
      needs(variation, 'bench') &&
      !needs(variation, 'second-bench') &&
      /thrust/.test(variation.id),
    { before: ['Heels where the shins stand upright on top.'] },
  ],
  [
    ({ variation }) => variation.family === 'bridge' && needs(variation, 'second-bench'),
    { before: ['Both benches so that they can’t slide: against a wall, or somebody sits on one.'] },
  ],
  [
    (held) => isAt(held, 'goblet', 'counterweight', 'belly') && !needs(held.variation, 'landmine'),
    {
      before: ['A heavy bell stands on a box or bench, not on the floor.'],
      drawn: { before: FROM_A_BOX },
      take: ['Hips back, both hands on it, pull it close, stand up, then bring it to its place.'],
      back: ['Close along the body, hips back, both hands, onto the box or the floor.'],
      fail: ['Out in front with both hands, feet back. Never between the feet.'],
    },
  ],
  [
    (held) => isAt(held, 'rack', 'rack-one'),
    {
      before: ['Heavy ones stand on a box or bench, one at each side.'],
      take: ['Hips back, one after the other to the shoulder, elbows close, wrists straight.'],
      back: ['One after the other, hips back, with two hands each where they are heavy.'],
      fail: ['Let them down in front to arm’s length, then to the floor.'],
    },
  ],
  [
    (held) => isAt(held, 'sides', 'suitcase', 'between-feet') && !isOnTheFloor(held) && !isThrown(held),
    {
      take: ['From the floor as a hinge: hips back, flat back, eyes ahead.'],
      back: ['Hips back, down to where it stood, then let go.'],
      fail: ['Open the hands and stand still.'],
    },
  ],
  [
    (held) => isAt(held, 'overhead') && held.variation.family !== 'trunk',
    {
      before: ['Room overhead and on all sides.'],
      take: ['To the shoulder first, then up with the legs; elbow straight, arm beside the ear.'],
      back: ['To the shoulder, then down with the hips back.'],
      fail: ['Let it fall in front and step away. Nobody catches it.'],
    },
  ],
  [
    (held) => isOnTheFloor(held) && !isAt(held, 'none'),
    {
      take: ['Lie beside the weight, both hands on it, roll to the back, press it up with both.'],
      back: ['Both hands, roll to the side, set it down. To the other side it goes round the head, never over the face.'],
      fail: ['Let it fall away from you, to its own side, and roll the other way.'],
      drawn: { back: ROUND_THE_HEAD },
    },
  ],
  [
    (held) => isThrown(held) && isAt(held, 'between-feet'),
    {
      before: ['Nobody in front or behind, nothing that breaks.'],
      take: ['Bell a foot and a half in front of the feet, hips back, both hands, hike it high between the thighs.'],
      back: ['After the last one let it swing back once more, then set it down where it stood.'],
      fail: ['Let go in front at the bottom, never at the top.'],
    },
  ],
  [
    (held) => isAt(held, 'belt'),
    {
      before: ['Two boxes of one height that can’t tip, wide enough that the weight hangs free at the bottom.'],
      take: ['Belt low on the hips, clip the weight on with knees bent, stand up with it.'],
      back: ['Down until the weight stands, then unclip.'],
      fail: ['Down until the weight stands.'],
    },
  ],
  [
    ({ variation }) => needs(variation, 'landmine'),
    {
      before: ['Its far end in the holder, discs on the near end only, collar on.'],
      take: ['Hips back, both hands round the end, stand up with it and bring it to the chest.'],
      back: ['Hips back, the end down to the floor with both hands.'],
      fail: ['Push it away in front and step back.'],
    },
  ],
  [
    ({ variation }) => variation.kit.some((need) => need.includes('cable') && need.includes('band')),
    {
      before: [
        'Band through itself round something that can’t move, or through a heavy bell’s handle with the bell behind a post.',
        'Look it over for cracks; nobody stands in its line.',
      ],
    },
  ],
  [
    (held) => isAt(held, 'machine') && !needs(held.variation, 'cable', 'sled'),
    {
      before: ['Seat and pads so that the joint lies in line with the machine’s axis; the pin all the way in.'],
      take: ['First rep with the lightest weight, to see that it runs free.'],
      back: ['Let it down slowly until the weights touch.'],
      fail: ['Let it down onto its stop, or use its catch.'],
    },
  ],
];

const fittingSteps = (held: Held): Steps[] => [...SET_UPS, ...BREATH].filter(([fits]) => fits(held)).map(([, steps]) => steps);

/**
 * How to set up for a movement with its load at a place, in order of doing; empty where there is nothing to it.
 * @example setUpSteps(backSquat, 'back-bar')[0].stage // 'before'
 */
export const setUpSteps = (variation: Variation, position: LoadPosition = variation.loadPositions[0] ?? 'none'): SetUpStep[] => {
  const fitting = fittingSteps({ variation, position });
  return SET_UP_STAGES.flatMap((stage) =>
    [...new Set(fitting.flatMap((steps) => steps[stage] ?? []))].map((text) => ({ stage, text })),
  );
};

/**
 * What of it is drawn, by stage: under the hooks, on the safeties, a bell on its box, a bar over the legs, a bell round the head.
 * @example Object.keys(setUpDrawings(backSquat, 'back-bar')) // ['take', 'fail']
 */
export const setUpDrawings = (
  variation: Variation,
  position: LoadPosition = variation.loadPositions[0] ?? 'none',
): Partial<Record<SetUpStage, SetUpFigure>> =>
  Object.assign({}, ...fittingSteps({ variation, position }).map(({ drawn }) => drawn)) as Partial<
    Record<SetUpStage, SetUpFigure>
  >;
