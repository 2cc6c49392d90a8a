import { poseBetween } from './between';
import { solveFrontPose } from './solve-front';
import { solveSidePose } from './solve';
import type { SolvedPose } from './solve';
import type { FigureSpec, Skeleton } from './types';

/** A figure at a depth from 0 (top) to 1 (bottom), or the limb that can't reach there. */
export const solveFigure = (figure: FigureSpec, depth: number): SolvedPose =>
  figure.view === 'side'
    ? solveSidePose(figure, poseBetween([figure.top, ...(figure.between ?? []), figure.bottom], depth))
    : solveFrontPose(figure, poseBetween([figure.top, ...(figure.between ?? []), figure.bottom], depth));

/** The skeleton at a depth. A pose out of reach is a mistake in the catalogue: it throws, naming the limb. */
export const skeletonAt = (figure: FigureSpec, depth: number): Skeleton => {
  const solved = solveFigure(figure, depth);
  if (solved.status !== 'solved') throw new Error(`figure: ${solved.limb} out of reach at depth ${depth}`);
  return solved.skeleton;
};
