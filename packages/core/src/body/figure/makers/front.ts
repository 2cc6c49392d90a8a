import type { FrontFigure, FrontLeg, FrontPose } from '../types';
import { numberAt } from './shared';
import type { FigureOptions, FrontSquatSource, SideLungeSource } from './types';

type Hand = readonly [number, number, number];

const STANCE_FACTOR: Record<string, number> = { narrow: 0.6, hip: 0.8, shoulder: 1, wide: 1.3 };

const hands = (hold: FrontSquatSource['hold'] | SideLungeSource['hold']): { leftHand: Hand; rightHand: Hand } => {
  const both = (x: number, y: number, z: number) => ({ leftHand: [x, y, z] as const, rightHand: [-x, y, z] as const });
  switch (hold) {
    case 'goblet':
      return both(0.085, -0.05, 0.13);
    case 'hang-between':
      return both(0.075, -0.37, 0.07);
    case 'forward':
      return both(0.07, -0.03, 0.33);
    case 'apart':
      return both(-0.07, -0.02, 0.3);
    case 'support':
      return both(0.06, -0.06, 0.3);
    case 'overhead':
      return both(-0.04, 0.37, 0.02);
  }
};

/** A squat from the front: stance and turned-out toes can be seen and moved. */
export const makeFrontSquat = (source: FrontSquatSource, { segments, values }: FigureOptions): FrontFigure => {
  const width = values['stance-width'];
  const half = source.halfStance * (typeof width === 'string' ? (STANCE_FACTOR[width] ?? 1) : 1);
  const toesOutDeg = numberAt(values, 'toes-out', source.toesOutDeg);
  const leg = (side: 1 | -1): FrontLeg => ({ ankle: [side * half, segments.footHeight, 0], toesOutDeg });
  const legs = { left: leg(-1), right: leg(1) };
  const tallY = segments.footHeight + Math.sqrt((segments.thigh + segments.shank) ** 2 * 0.985 - (half - segments.halfHips) ** 2);
  const held = hands(source.hold);
  return {
    view: 'front',
    segments,
    top: { hip: [0, tallY, 0], trunkSideDeg: 0, trunkForwardDeg: 2, ...legs, ...held },
    bottom: { hip: [0, source.hipY, -0.12], trunkSideDeg: 0, trunkForwardDeg: 30, ...legs, ...held },
    ...(source.props ? { props: source.props } : {}),
    ...(source.implement ? { implement: source.implement } : {}),
  };
};

/** A side lunge from the front: the hips go over one foot while the other leg stays straight. */
export const makeSideLunge = (source: SideLungeSource, { segments, values }: FigureOptions): FrontFigure => {
  const stride = values.stride;
  const spread = source.spread * (stride === 'short' ? 0.75 : stride === 'long' ? 1.12 : 1);
  const ankleY = segments.footHeight;
  const legs = segments.thigh + segments.shank;
  const left = (x: number, y = ankleY): FrontLeg => ({ ankle: [x, y, 0], toesOutDeg: 20 });
  const right: FrontLeg = { ankle: [spread / 2, ankleY, 0], toesOutDeg: source.toesUp ? 60 : 10 };
  const held = hands(source.hold);
  const lowHip = [-spread / 2 + 0.1, source.hipY, -0.1] as const;
  // The straight leg sets how far the hips can go.
  const most = Math.sqrt((legs * 0.995) ** 2 - (source.hipY - ankleY) ** 2 - 0.1 ** 2);
  const hipX = Math.max(lowHip[0], spread / 2 - segments.halfHips - most);
  const bottom: FrontPose = {
    hip: [hipX, source.hipY, -0.1],
    trunkSideDeg: 0,
    trunkForwardDeg: 28,
    left: left(-spread / 2),
    right,
    ...held,
  };
  const wideY = ankleY + Math.sqrt((legs * 0.985) ** 2 - (spread / 2 - segments.halfHips) ** 2);
  const isWide = source.feet === 'wide';
  const standX = isWide ? 0 : spread / 2 - segments.halfHips;
  const top: FrontPose = {
    hip: [standX, isWide ? wideY : ankleY + legs * 0.985, 0],
    trunkSideDeg: 0,
    trunkForwardDeg: 2,
    left: left(isWide ? -spread / 2 : standX - segments.halfHips),
    right,
    ...held,
  };
  const halfway: FrontPose = {
    ...bottom,
    hip: [(standX + hipX) / 2, (top.hip[1] + source.hipY) / 2 + 0.03, -0.05],
    trunkForwardDeg: 14,
    left: left(isWide ? -spread / 2 : -spread / 2 + 0.06, isWide ? ankleY : ankleY + 0.03),
  };
  return {
    view: 'front',
    segments,
    top,
    ...(isWide ? {} : { between: [halfway] }),
    bottom,
    ...(source.props ? { props: source.props } : {}),
    ...(source.implement ? { implement: source.implement } : {}),
  };
};
