import type { LeverValues } from '../../vocabulary';
import { SEGMENTS } from '../segments';
import type { Segments } from '../segments';
import { makeBridge } from './makers/bridge';
import { makeFrontSquat, makeSideLunge } from './makers/front';
import { heldSource } from './makers/held';
import { makeHinge, makePull } from './makers/hinge';
import { makeSplit } from './makers/split';
import { makeSquat } from './makers/squat';
import { makeStep } from './makers/step';
import type { FigureSource, ModelMoment } from './makers/types';
import type { FigureSpec } from './types';

/**
 * The drawing of a movement for its lever values and a body's proportions.
 * Squats, hinges, split squats and bridges take their low or high end from the posture model.
 * With a `moment` squats, hinges and pulls end where the model puts that body at that depth.
 * @example makeFigure(variation.figure, { 'heel-lift': 25 })
 */
export const makeFigure = (
  asShipped: FigureSource,
  values: LeverValues = {},
  segments: Segments = SEGMENTS,
  moment?: ModelMoment,
): FigureSpec => {
  const source = heldSource(asShipped, values);
  const options = { values, segments, ...(moment ? { moment } : {}) };
  switch (source.maker) {
    case 'squat':
      return makeSquat(source, options);
    case 'hinge':
      return makeHinge(source, options);
    case 'pull':
      return makePull(source, options);
    case 'split':
      return makeSplit(source, options);
    case 'bridge':
      return makeBridge(source, options);
    case 'step':
      return makeStep(source, options);
    case 'front-squat':
      return makeFrontSquat(source, options);
    case 'side-lunge':
      return makeSideLunge(source, options);
    case 'poses':
      return source.figure.segments ? source.figure : { ...source.figure, segments };
  }
};
