import type { LeverValues } from '../../../vocabulary';
import type { CarryId, PostureBody } from '../../posture/types';
import type { Segments } from '../../segments';
import type { Arms, FigureImplement, FigureSpec, Prop } from '../types';

/** What the hands do while the body moves. */
export type HoldId =
  | 'hang'
  | 'forward'
  | 'goblet'
  | 'rack'
  | 'front-bar'
  | 'crossed'
  | 'back-bar'
  | 'overhead'
  | 'counterweight'
  | 'zercher'
  | 'folded'
  | 'behind-head';

/** A two-leg squat; its low end from the posture model. */
export interface SquatSource {
  maker: 'squat';
  carry: CarryId;
  hold: HoldId;
  /** Thigh back of vertical at the bottom when nothing stops it. */
  thighDeg: number;
  /** kg in the drawing's model; the weight that moves the lean. */
  loadKg?: number;
  kneeTravel?: 'free' | 'limited';
  /** Where a hand support stands, if the variation has one. */
  support?: { x: number; y: number; look: 'strap' | 'pole' };
  /** The usual box, cm, where the variation has one. */
  boxCm?: number;
  implement?: FigureImplement;
  props?: readonly Prop[];
}

/** A two-leg, staggered or one-leg hinge with straight arms; its low end from the posture model. */
export interface HingeSource {
  maker: 'hinge';
  kneeDeg: number;
  /** Height of the hands at the bottom, share of height. */
  hands: number;
  /** Where the load hangs, share of height ahead of the heel; mid-foot where nothing is said. */
  handX?: number;
  loadKg?: number;
  legs: 'two' | 'staggered' | 'rear-on-step' | 'rear-on-wall' | 'one';
  /** One hand on a support. */
  held?: boolean;
  implement?: FigureImplement;
  props?: readonly Prop[];
}

/** A pull that starts on the floor, on blocks or from handles. */
export interface PullSource {
  maker: 'pull';
  shinDeg: number;
  /** Bar height in cm at the start. */
  barCm: number;
  /** Height of a board that is stood on, cm. */
  onBoardCm?: number;
  loadKg?: number;
  implement: FigureImplement;
  props?: readonly Prop[];
}

/** A split squat or lunge; its low end from the posture model. */
export interface SplitSource {
  maker: 'split';
  /** Which foot moves between the ends. */
  step: 'none' | 'back' | 'forward';
  carry: CarryId;
  hold: HoldId;
  leanDeg?: number;
  frontShare?: number;
  /** How far down: 1 the back knee near the floor. */
  depth?: number;
  /** cm; the stride lever replaces it. */
  strideCm?: number;
  rearCm?: number;
  frontCm?: number;
  /** A pad under the back knee, cm. */
  padCm?: number;
  slider?: boolean;
  support?: { x: number; y: number; look: 'pole' | 'strap' };
  implement?: FigureImplement;
  props?: readonly Prop[];
}

/** A bridge on the floor or a thrust on a bench; from the posture model. */
export interface BridgeSource {
  maker: 'bridge';
  benchCm: number;
  /** cm past the foot place that gives an upright shin. */
  footOffsetCm?: number;
  feetCm?: number;
  legs: 'two' | 'staggered' | 'one' | 'march' | 'one-raised';
  arms: 'pressed' | 'folded' | 'reaching' | 'on-hips' | 'on-bench';
  implement?: FigureImplement;
  props?: readonly Prop[];
}

/** Up or down a step. */
export interface StepSource {
  maker: 'step';
  /** `up`: from behind; `down-front`: heel tap ahead; `down-behind`: lower behind. */
  way: 'up' | 'down-front' | 'down-behind';
  stepCm: number;
  hold: HoldId;
  implement?: FigureImplement;
  props?: readonly Prop[];
}

/** A two-leg squat seen from the front. */
export interface FrontSquatSource {
  maker: 'front-squat';
  /** Half the distance between the ankles, share of height. */
  halfStance: number;
  toesOutDeg: number;
  /** Hip height at the bottom, share of height. */
  hipY: number;
  hold: 'goblet' | 'hang-between' | 'forward';
  implement?: FigureImplement;
  props?: readonly Prop[];
}

/** A side lunge seen from the front: weight over the picture's left leg. */
export interface SideLungeSource {
  maker: 'side-lunge';
  /** From ankle to ankle, share of height. */
  spread: number;
  hipY: number;
  hold: 'goblet' | 'forward' | 'apart' | 'support' | 'overhead';
  /** The feet stay wide, or the lunging leg steps out. */
  feet: 'wide' | 'step';
  /** Straight leg's toes turned up. */
  toesUp?: boolean;
  implement?: FigureImplement;
  props?: readonly Prop[];
}

/** Hand-set poses. */
export interface PoseSource {
  maker: 'poses';
  figure: FigureSpec;
}

/** How a figure is made: what the catalogue holds. */
export type FigureSource =
  | SquatSource
  | HingeSource
  | PullSource
  | SplitSource
  | BridgeSource
  | StepSource
  | FrontSquatSource
  | SideLungeSource
  | PoseSource;

/** A body at one depth of the posture model, for drawing what the model says rather than the usual low end. */
export interface ModelMoment {
  body: PostureBody;
  /** 0 shallow, 1 deep, as the model counts. */
  depth: number;
  loadKg: number;
}

/** What changes a drawing without changing the variation. */
export interface FigureOptions {
  values: LeverValues;
  segments: Segments;
  moment?: ModelMoment;
}

/** The drawing's model body is this tall and heavy; figures are shares of its height. */
export const MODEL_BODY = { heightCm: 175, massKg: 75 } as const;

export type ArmsAt = (trunkDeg: number) => Arms;
