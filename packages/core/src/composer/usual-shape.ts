import type { SessionShape } from '../vocabulary';
import type { SheetInput } from './types';

/** Up to so many minutes a session is short. House default. */
const SHORT = { atHome: 20, forCapacity: 30 } as const;

/**
 * The shape a session has unless somebody asks for another: drills at home where it is short, a circuit where capacity is
 * the goal and time is short, else drills, big lifts and accessories. Common practice.
 */
export const usualShape = ({ context }: SheetInput, minutes: number): SessionShape => {
  if (context.safety?.isHome === true && minutes <= SHORT.atHome) return 'home-drills';
  const isForCapacity = context.person.goal === 'fat-loss-and-capacity';
  return isForCapacity && minutes <= SHORT.forCapacity ? 'circuit' : 'prep-compounds-accessories';
};
