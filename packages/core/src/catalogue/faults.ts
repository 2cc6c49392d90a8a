import type { CueKind, FaultId, LeverId, LoadPosition } from '../vocabulary';

/** Something to put under, on or beside the person. */
export type AidId =
  'wedge' | 'band-above-knees' | 'band-to-push-on' | 'pillow' | 'straps' | 'chalk' | 'wall-near' | 'lighter' | 'cue-tuck';

/** What may be done about a fault once cues don't take, in order. */
export type Remedy =
  | { kind: 'lever'; lever: LeverId; way: 'easier' | 'longer' | 'shorter' | 'nearer' | 'wider' | 'slower' }
  | { kind: 'load-position'; to: LoadPosition }
  | { kind: 'aid'; aid: AidId }
  | { kind: 'variation'; variationId: string };

/** A cue and what kind of cue it is. */
export interface FaultCue {
  kind: CueKind;
  text: string;
}

/** What is seen, what it usually means, and what to do in order. Common practice, no source. */
export interface Fault {
  id: FaultId;
  means: string;
  cues: readonly FaultCue[];
  remedies: readonly Remedy[];
  /** A drill that teaches the missing piece. */
  drill: string | null;
  /** Ends the set at once when seen under load. */
  dangerousUnderLoad: boolean;
}

const cueOf =
  (kind: CueKind) =>
  (text: string): FaultCue => ({ kind, text });
const feel = cueOf('feel');
const picture = cueOf('picture');
const aim = cueOf('aim');
const look = cueOf('look');
const breath = cueOf('breath');
const hand = cueOf('hand');
const lever = (id: LeverId, way: 'easier' | 'longer' | 'shorter' | 'nearer' | 'wider' | 'slower' = 'easier'): Remedy => ({
  kind: 'lever',
  lever: id,
  way,
});
const aid = (id: AidId): Remedy => ({ kind: 'aid', aid: id });
const LIGHTER = aid('lighter');
const instead = (variationId: string): Remedy => ({ kind: 'variation', variationId });
const fault = (
  id: FaultId,
  means: string,
  cues: readonly FaultCue[],
  remedies: readonly Remedy[],
  drill: string | null = null,
  dangerousUnderLoad = false,
): Fault => ({ id, means, cues, remedies, drill, dangerousUnderLoad });

/** Every fault the catalogue names. */
export const FAULT_TABLE: readonly Fault[] = [
  fault(
    'heels-lift',
    'The ankle runs out of range.',
    [feel('Weight in three points of the foot'), aim('Keep a coin under the heel')],
    [lever('heel-lift'), aid('wedge'), lever('box-height')],
    'ankle-rock',
  ),
  fault(
    'chest-falls',
    'Leans clearly more than the posture model gives this body, or more as the rep goes on: no counterbalance, short ankles, or a load too low or too heavy.',
    [picture('Show the shirt to the wall'), feel('Elbows up, ribs over hips')],
    [lever('counterweight'), { kind: 'load-position', to: 'goblet' }, lever('heel-lift'), LIGHTER, lever('range'), lever('band')],
    'pause-squat',
  ),
  fault(
    'knees-cave',
    'Side hip, load, or foot and ankle. Try a wedge and a wider stance: what clears it names it.',
    [picture('Spread the floor'), aim('Push out on the band'), hand('A hand outside the knee: push it away')],
    [aid('band-above-knees'), aid('wedge'), lever('stance-width', 'wider'), LIGHTER, instead('split-stance-rock')],
    'clam',
    true,
  ),
  fault(
    'weight-rolls',
    'Balance: the weight goes to toes or heels.',
    [feel('Tripod foot: big toe, little toe, heel'), look('Rock a little, then settle in the middle')],
    [
      lever('box-height'),
      lever('range'),
      lever('support'),
      LIGHTER,
      lever('tempo', 'slower'),
      lever('heel-lift'),
      aid('wall-near'),
    ],
  ),
  fault(
    'low-back-rounds',
    'Stance, or a range beyond control.',
    [feel('Wider, toes out'), aim('Stop a hand higher')],
    [
      lever('box-height'),
      lever('range'),
      lever('bar-height'),
      LIGHTER,
      lever('support'),
      lever('heel-lift'),
      lever('tempo', 'slower'),
    ],
    'rock-back',
    true,
  ),
  fault(
    'low-back-over-arches',
    'Ribs and pelvis come apart.',
    [feel('Ribs down'), breath('Out at the bottom: ribs and pelvis come together'), hand('A hand under the low back: press it')],
    [
      aid('cue-tuck'),
      { kind: 'load-position', to: 'goblet' },
      lever('range'),
      LIGHTER,
      lever('plank-base'),
      lever('band'),
      lever('tempo', 'slower'),
    ],
    'dead-bug',
  ),
  fault(
    'back-moves-into-rounding',
    'Tension or legs are missing. A small rounding that is set and held is noted; one that grows under load is always a fault.',
    [feel('Squeeze the bar, pull the slack out'), picture('Push the floor away')],
    [LIGHTER, lever('bar-height'), lever('range'), lever('deficit')],
    'belly-held-hinge',
    true,
  ),
  fault(
    'hips-shoot-up',
    'Hips set too low, bar too far away, or too heavy: the chest is left behind.',
    [feel('Hips higher, bar to the shins'), feel('Chest and hips together')],
    [LIGHTER, lever('bar-height'), lever('tempo', 'slower')],
    'pause-squat',
  ),
  fault(
    'bell-drifts-forward',
    'The weight leaves the legs: lats, or the start.',
    [feel('It brushes the legs'), picture('Pull it into the pockets')],
    [LIGHTER, lever('range'), lever('bar-height')],
  ),
  fault(
    'leans-back-at-lock-out',
    'Overreach; knees may snap back with it.',
    [feel('Stand tall, ribs down'), picture('Head to the ceiling')],
    [LIGHTER, aid('cue-tuck')],
  ),
  fault(
    'bounces-at-the-bottom',
    'Control: the bottom is passed, not held.',
    [feel('Pause'), aim('Freeze, then drive')],
    [lever('tempo', 'slower'), lever('box-height'), lever('range'), LIGHTER],
  ),
  fault(
    'hips-shift',
    'A side difference, or the stance.',
    [feel('Split the weight'), look('Look in the mirror, even the beltline')],
    [LIGHTER, lever('box-height'), instead('split-squat-to-pad'), lever('plank-base'), lever('arms')],
    'hip-hike',
  ),
  fault(
    'range-short',
    'Load or hurry: the commonest false progress.',
    [aim('Touch the target'), look('Show them the depth without load')],
    [
      LIGHTER,
      lever('box-height'),
      lever('pad-height'),
      lever('range'),
      lever('tempo', 'slower'),
      lever('band'),
      lever('feet-elevation'),
    ],
  ),
  fault(
    'front-heel-lifts',
    'The stride is short, or the ankle stiff.',
    [feel('Heel heavy'), aim('Push the heel through the floor')],
    [lever('stride', 'longer'), aid('wedge')],
    'ankle-rock',
  ),
  fault(
    'breath-held',
    'A bracing habit.',
    [breath('Out through the effort'), breath('Count the reps out loud')],
    [LIGHTER, lever('range'), lever('top-hold'), lever('tempo', 'slower'), lever('plank-base')],
  ),
  fault(
    'falls-backward',
    'A new pattern: the hips go back and nothing goes forward.',
    [aim('Reach forward'), feel('Toes heavy too')],
    [lever('counterweight'), aid('wall-near'), lever('support')],
    'wall-tap-hinge',
  ),
  fault(
    'hinge-turns-into-a-squat',
    'The pattern: knees travel instead of hips.',
    [feel('Shins still'), aim('Tail to the wall behind')],
    [{ kind: 'load-position', to: 'belly' }, instead('belly-held-hinge'), instead('hike-pass')],
    'wall-tap-hinge',
  ),
  fault(
    'hips-twist',
    'Pelvis control on one leg.',
    [feel('Belt line level'), picture('Back pocket to the ceiling')],
    [
      lever('support'),
      lever('range'),
      instead('staggered-romanian-deadlift'),
      lever('arms'),
      lever('tempo', 'slower'),
      lever('band'),
      lever('plank-base'),
      lever('top-hold'),
    ],
    'bird-dog',
  ),
  fault(
    'hip-drops',
    'Fear, or the side hip.',
    [feel('Stay level'), picture('Belt line on the horizon')],
    [lever('step-height'), lever('support'), instead('hip-hike'), lever('top-hold'), lever('plank-base')],
    'hip-hike',
  ),
  fault(
    'lands-instead-of-lowers',
    'Strength on the way down is missing.',
    [feel('Last inch slowest'), picture('Land on an egg')],
    [
      lever('step-height'),
      lever('tempo', 'slower'),
      lever('box-height'),
      lever('pad-height'),
      lever('support'),
      lever('range'),
      instead('snap-down'),
    ],
  ),
  fault(
    'wobble',
    'The base: feet on one line, or too narrow.',
    [feel('Step wider'), aim('Feet on two rails')],
    [lever('support'), instead('split-squat')],
    'tandem-stance',
    true,
  ),
  fault(
    'pushes-from-the-back-leg',
    'A habit: the back leg helps.',
    [feel('Back foot is a kickstand'), aim('Lift the back toes for a moment')],
    [lever('tempo', 'slower'), lever('step-height'), lever('pad-height'), { kind: 'lever', lever: 'surface', way: 'easier' }],
  ),
  fault(
    'trunk-tips',
    'Trunk control. No fault when glutes are the aim.',
    [feel('Hands behind the head'), picture('Shirt buttons to the wall')],
    [{ kind: 'load-position', to: 'rack' }, lever('support'), LIGHTER, lever('range'), lever('band'), lever('tempo', 'slower')],
  ),
  fault(
    'collapses-on-the-box',
    'Tension is let go.',
    [aim('Touch, don’t sit'), feel('Stay braced on the box')],
    [lever('box-height'), LIGHTER],
  ),
  fault(
    'no-full-hip-extension',
    'Strength, or a tight front of the hip.',
    [feel('Squeeze to the top'), picture('Belt buckle to the ceiling'), hand('A hand a thumb above the hips: up to it')],
    [lever('foot-distance', 'nearer'), instead('glute-bridge'), LIGHTER],
    'half-kneeling-hip-flexor-stretch',
  ),
  fault(
    'felt-in-low-back',
    'Feet far away, or an arch. A bridge felt in the low back is a fault even if it looks right.',
    [feel('Tail under'), feel('Feet in')],
    [lever('foot-distance', 'nearer'), lever('feet-elevation'), lever('range'), aid('cue-tuck')],
    'dead-bug',
  ),
  fault('head-tips-back', 'A habit.', [feel('Chin tucked'), look('Look at the knees')], [aid('pillow')]),
  fault(
    'arms-lift-the-bell',
    'The hips don’t throw it.',
    [feel('Hips snap, arms are ropes'), aim('Bell no higher than the chin')],
    [instead('hike-pass'), LIGHTER],
    'hike-pass',
  ),
  fault(
    'elbows-drop',
    'The upper back gives.',
    [picture('Elbows to the wall'), feel('Chest tall')],
    [{ kind: 'lever', lever: 'front-hold', way: 'easier' }, aid('straps'), LIGHTER],
  ),
  fault(
    'grip-goes-first',
    'The hands give out while the legs have more.',
    [feel('Crush the handle'), look('One palm each way')],
    [aid('chalk'), { kind: 'lever', lever: 'grip', way: 'easier' }, aid('straps'), lever('deficit')],
  ),
  fault(
    'low-back-takes-over',
    'The hips don’t do it: it is felt in the low back, and the back moves instead of the hip joint.',
    [feel('Ribs and pelvis as one, fold at the hip'), aim('Hips to the wall behind')],
    [LIGHTER, lever('range'), lever('bar-height'), lever('tempo', 'slower'), lever('support'), instead('wall-tap-hinge')],
    'dead-bug',
  ),
  fault(
    'upper-back-rounds',
    'The shoulders are pulled forward. Set and held from the start it is noted; where it grows it is too heavy. The low back is another matter.',
    [
      picture('Proud chest, squeeze oranges in the armpits'),
      aim('Shirt to the wall in front'),
      hand('A finger between the shoulder-blades: squeeze it'),
    ],
    [LIGHTER, lever('bar-height'), lever('range'), lever('tempo', 'slower'), instead('belly-held-hinge')],
  ),
  fault(
    'slack-left-in',
    'The bar is jerked: the arms and the bar’s bend take the first pull.',
    [feel('Pull the slack out, then push'), aim('Hear the bar click before it moves')],
    [LIGHTER, lever('tempo', 'slower'), lever('bar-height')],
    'paused-deadlift',
  ),
  fault(
    'elbows-flare-back',
    'The hands push the bar instead of pulling it into the back; the chest comes down with it.',
    [feel('Pull the bar apart into the back'), aim('Elbows to the floor')],
    [LIGHTER, { kind: 'lever', lever: 'bar-place', way: 'easier' }, instead('safety-bar-squat')],
  ),
  fault(
    'tempo-lost',
    'Fatigue, or hurry.',
    [aim('Follow the pacer'), feel('Slow the way down')],
    [LIGHTER, lever('tempo'), lever('band'), lever('range')],
  ),
];

const BY_ID = new Map(FAULT_TABLE.map((entry) => [entry.id, entry]));

/** What a fault means and what to do about it. Throws for an id the table lacks: a programmer mistake. */
export const getFault = (id: FaultId): Fault => {
  const found = BY_ID.get(id);
  if (!found) throw new Error(`getFault: no fault "${id}" in the table`);
  return found;
};
